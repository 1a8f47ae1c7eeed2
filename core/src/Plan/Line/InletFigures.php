<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** An inlet in the wall: mains, or a hose to draw from a bucket. */
#[Tag('family', PartFamily::Inlet)]
final readonly class InletFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        /** 0 for a bucket. */
        #[Measured('the highest pressure of the supply', 'Supply, at most', Kind::Pressure, Unit::Kilopascal, 0, 1600)]
        public float $mostKpa,
    ) {
    }
}
