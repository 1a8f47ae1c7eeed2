<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** Wire by the metre, two cores in one. */
#[Tag('family', FittingFamily::Cable)]
final readonly class CableFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the copper of one core, in mm²', 'Copper, mm²', Kind::Count, Unit::One, 0.3, 100)]
        public float $copperMm2,
    ) {
    }
}
