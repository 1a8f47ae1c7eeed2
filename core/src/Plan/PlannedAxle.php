<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Plan\Field\Checked;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** An axle of a vehicle: its limit and what stands on it before anything is loaded. */
final readonly class PlannedAxle implements PlanPart, Checked
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the {part}’s limit', '{Part} limit', Kind::Mass, Unit::Kilogram, 50, 20000, 'Plate', 'estimated_kg')]
        public float $limitKg,
        #[Inline(word: '{part}')]
        public Weighing $weighing,
        /** Of one wheel: as its side wall says, at the pressure it has. */
        #[Measured('what one tyre of the {part} may carry', '{Part} tyres, each', Kind::Mass, Unit::Kilogram, 50, 10000, 'Plate')]
        public ?float $tyreKg = null,
    ) {
    }

    public function check(InputReader $in): void
    {
        if ($this->weighing->kg() < 0) {
            $in->fail($this->weighing->key(), \sprintf('%s kg: an axle weighs something.', $this->weighing->kg()));
        }
    }
}
