<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What covers or lines a hole or an edge: a wall plate, edge trim, paint. */
#[Tag('family', FittingFamily::Cover)]
final readonly class CoverFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the widest hole that one of them covers, or for which it is enough', 'For a hole of', Kind::Length, Unit::Millimetre, 1, 1000)]
        public float $holeMm,
        /** Null of trim and paint. */
        #[Measured('how wide it is', 'Across', Kind::Length, Unit::Millimetre, 1, 1000)]
        public ?float $acrossMm = null,
    ) {
    }
}
