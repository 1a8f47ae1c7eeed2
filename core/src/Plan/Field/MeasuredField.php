<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A measured field at its place in one plan: its declaration, its words there, and its value if it has one. */
final readonly class MeasuredField
{
    public function __construct(
        public Measured $is,
        public string $what,
        public string $label,
        public ?float $value,
        public bool $optional,
        /** The value of the field that this one should be near to. */
        public ?float $near,
    ) {
    }
}
