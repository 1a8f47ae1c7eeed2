<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Field;

/** A measured field at its place in one plan, with its value if it has one. */
final readonly class MeasuredField
{
    public function __construct(
        public NamedField $named,
        public ?float $value,
        /** The value of the field that this one should be near to. */
        public ?float $near,
    ) {
    }
}
