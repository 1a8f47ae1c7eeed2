<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What a pipe or a hose is by the metre, wherever it runs; weight and price are those of one. */
final readonly class Tube
{
    public function __construct(
        #[Measured('the bore of a pipe', 'Bore', Kind::Length, Unit::Millimetre, 2, 120)]
        public float $boreMm,
        #[Inline]
        public PartMake $make,
        /** The speed at which a shock runs through it. */
        #[Measured('the wave speed of a pipe, in m/s', 'Wave, m/s', Kind::Count, Unit::One, 20, 1500)]
        public float $waveMps,
        /** How much more a metre of it holds at 100 kPa more. */
        #[Measured('how much a metre of it gives for each 100 kPa', 'Gives a metre', Kind::Volume, Unit::Litre, 0, 1)]
        public float $stretchL,
    ) {
    }
}
