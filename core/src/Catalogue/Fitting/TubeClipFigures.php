<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What holds a pipe along a wall. */
#[Tag('family', FittingFamily::TubeClip)]
final readonly class TubeClipFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the pipe that it takes, over all', 'For', Kind::Length, Unit::Millimetre, 3, 200)]
        public float $outerMm,
    ) {
    }
}
