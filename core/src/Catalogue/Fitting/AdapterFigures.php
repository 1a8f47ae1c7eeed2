<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What joins two ends that do not meet. */
#[Tag('family', FittingFamily::Adapter)]
final readonly class AdapterFigures implements FittingFigures
{
    public function __construct(
        /** As PortEnds reads them; either side may be the near one. */
        #[Text('what its two sides join to: “near: barb 13.8; far: thread 1/2 iso_228 male”', PortEnds::LONGEST)]
        public string $ends,
        #[Measured('its narrowest bore', 'Bore', Kind::Length, Unit::Millimetre, 1, 120)]
        public float $boreMm,
        #[Measured('what it loses, in velocity heads of its bore', 'Loss, heads', Kind::Count, Unit::One, 0, 20)]
        public float $lossK,
        #[Measured('the pressure that it is rated for', 'Rated for', Kind::Pressure, Unit::Kilopascal, 1, 4000)]
        public float $ratingKpa,
        #[Measured('the temperature that it is rated for', 'Rated to', Kind::Temperature, Unit::Celsius, 5, 130)]
        public float $ratingC,
        #[YesNo('Made for drinking water')]
        public bool $foodGrade,
    ) {
    }
}
