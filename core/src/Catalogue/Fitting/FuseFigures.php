<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

#[Tag('family', FittingFamily::Fuse)]
final readonly class FuseFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the current at which it blows', 'Amps', Kind::Count, Unit::One, 0.5, 300)]
        public float $amps,
    ) {
    }
}
