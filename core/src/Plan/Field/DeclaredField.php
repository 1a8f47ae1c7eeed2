<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

use YardCask\Core\Input\NamedChoice;

/** A property of a part with its declaration and its key in the file. */
final class DeclaredField
{
    /** @var non-empty-list<\BackedEnum&NamedChoice>|null */
    private ?array $cases = null;

    /** @param string $type the property's class, enum or scalar */
    public function __construct(
        public readonly string $property,
        public readonly string $key,
        public readonly Field $is,
        public readonly string $type,
        /** Whether it may be missing from the file. */
        public readonly bool $optional,
    ) {
    }

    /** The value of this field in a part of its class. */
    public function in(object $part): mixed
    {
        // @phpstan-ignore property.dynamicName (a declared property of the part’s class, read hundreds of times in each assessment)
        return $part->{$this->property};
    }

    /** @return non-empty-list<\BackedEnum&NamedChoice> what a choice can be */
    public function cases(): array
    {
        return $this->cases ??= $this->foundCases();
    }

    /** @return non-empty-list<\BackedEnum&NamedChoice> */
    private function foundCases(): array
    {
        $type = $this->type;
        $only = $this->is instanceof Choice ? $this->is->only : [];
        if ([] !== $only) {
            return $only;
        }
        if (!is_subclass_of($type, \BackedEnum::class) || !is_subclass_of($type, NamedChoice::class)) {
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
