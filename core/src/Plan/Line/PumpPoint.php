<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\PlanPart;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A point of a pump's curve. */
final readonly class PumpPoint implements PlanPart
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('a flow on the pump’s curve', 'Flow', Kind::Flow, Unit::LitrePerMinute, 0, 200)]
        public float $lpm,
        #[Measured('the pressure at that flow', 'Pressure', Kind::Pressure, Unit::Kilopascal, 0, 1600)]
        public float $kpa,
    ) {
    }
}
