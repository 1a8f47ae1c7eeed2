<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A measured field with what it is called in one plan, the same in all its parts of that kind. */
final readonly class NamedField
{
    public function __construct(
        public Measured $is,
        public string $what,
        public string $label,
        public bool $optional,
    ) {
    }
}
