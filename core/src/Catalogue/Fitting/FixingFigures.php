<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A screw, a bolt, a rivet nut or a strap, by what one of them holds. */
#[Tag('family', FittingFamily::Fixing)]
final readonly class FixingFigures implements FittingFigures
{
    public function __construct(
        #[Measured('what one of them holds', 'Holds', Kind::Mass, Unit::Kilogram, 1, 20000)]
        public float $holdsKg,
    ) {
    }
}
