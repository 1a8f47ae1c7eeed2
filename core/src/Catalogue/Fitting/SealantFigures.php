<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What makes joints tight: tape, paste, cement, washers. */
#[Tag('family', FittingFamily::Sealant)]
final readonly class SealantFigures implements FittingFigures
{
    public function __construct(
        #[Measured('for how many joints one is enough', 'Joints', Kind::Count, Unit::One, 1, 1000)]
        public float $joints,
    ) {
    }
}
