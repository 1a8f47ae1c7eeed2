<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What holds a hose on a barb, or a pipe on its spigot: a clamp or a ring, by what it closes round. */
#[Tag('family', FittingFamily::Band)]
final readonly class BandFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the least that it closes round, over all', 'From', Kind::Length, Unit::Millimetre, 3, 200)]
        public float $fromMm,
        #[Measured('the most that it closes round, over all', 'To', Kind::Length, Unit::Millimetre, 3, 200)]
        public float $toMm,
    ) {
    }
}
