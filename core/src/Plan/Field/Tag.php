<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** On a class: the key and the value by which its objects are known among Variants. */
#[\Attribute(\Attribute::TARGET_CLASS)]
final readonly class Tag
{
    public function __construct(
        public string $key,
        public \BackedEnum $value,
    ) {
    }
}
