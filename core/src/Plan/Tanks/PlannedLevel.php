<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A line of a tank's table: what was in it when the water stood this high. */
final readonly class PlannedLevel implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Id]
        public string $id,
        #[Measured('the height of a level above the tank’s floor', 'At', Kind::Length, Unit::Millimetre, 1, 2000)]
        public float $heightMm,
        #[Measured('what is in the tank up to a level', 'Holds', Kind::Volume, Unit::Litre, 0, 20000)]
        public float $litres,
    ) {
    }
}
