<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What goes into a hole in a tank or a wall, and joins to something outside. */
#[Tag('family', FittingFamily::TankFitting)]
final readonly class TankFittingFigures implements FittingFigures
{
    public function __construct(
        #[Measured('the hole that it needs', 'Hole', Kind::Length, Unit::Millimetre, 3, 200)]
        public float $holeMm,
        #[Measured('the bore through it', 'Bore', Kind::Length, Unit::Millimetre, 1, 120)]
        public float $boreMm,
        #[Measured('how far it stands out', 'Stands out', Kind::Length, Unit::Millimetre, 0, 400)]
        public float $roomMm,
        #[Choice('Goes into')]
        public FittingPlace $place,
        /** As PortEnd reads it; null where nothing is joined to it. */
        #[Text('what it joins to outside: “barb 13.8”', PortEnd::LONGEST)]
        public ?string $end = null,
    ) {
    }
}
