<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** On a class: the key and the value by which its objects are known among Variants. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final class Tag
{
    /** @var array<class-string, ?self> */
    private static array $known = [];

    public function __construct(
        public readonly string $key,
        public readonly \BackedEnum $value,
    ) {
    }

    /** @param class-string $class */
    public static function of(string $class): ?self
    {
        if (!\array_key_exists($class, self::$known)) {
            $attributes = (new \ReflectionClass($class))->getAttributes(self::class);
            self::$known[$class] = [] === $attributes ? null : $attributes[0]->newInstance();
        }

        return self::$known[$class];
    }
}
