<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What goes round a pipe by the metre: insulation, or a sleeve where it can chafe. */
#[Tag('family', FittingFamily::Sleeve)]
final readonly class SleeveFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the pipe that it goes round, over all', 'For', Kind::Length, Unit::Millimetre, 3, 200)]
        public float $innerMm,
        #[Measured('how thick its wall is', 'Wall', Kind::Length, Unit::Millimetre, 0.2, 60)]
        public float $wallMm,
    ) {
    }
}
