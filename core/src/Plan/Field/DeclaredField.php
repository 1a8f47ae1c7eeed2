<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

use YardCask\Core\Input\Worded;

/** A property of a part with its declaration and its key in the file. */
final readonly class DeclaredField
{
    /** @param string $type the property's class, enum or scalar */
    public function __construct(
        private \ReflectionProperty $reflection,
        public string $property,
        public string $key,
        public Field $is,
        public string $type,
        /** Whether it may be missing from the file. */
        public bool $optional,
    ) {
    }

    /** The value of this field in a part of its class. */
    public function in(object $part): mixed
    {
        return $this->reflection->getValue($part);
    }

    /** @return non-empty-list<\BackedEnum&Worded> what a choice can be */
    public function cases(): array
    {
        $type = $this->type;
        $only = $this->is instanceof Choice ? $this->is->only : [];
        if ([] !== $only) {
            return $only;
        }
        if (!is_subclass_of($type, \BackedEnum::class) || !is_subclass_of($type, Worded::class)) {
            throw new \LogicException($this->property.' is a choice, but '.$type.' is no enum with words.');
        }
        $cases = $type::cases();

        return [] === $cases ? throw new \LogicException($type.' has no case.') : $cases;
    }

    /** @return class-string of a part that stands here */
    public function partClass(): string
    {
        return class_exists($this->type) ? $this->type : throw new \LogicException($this->property.' holds no part.');
    }
}
