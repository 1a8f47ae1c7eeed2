<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A filter, new and at the end of its life. */
#[Tag('family', PartFamily::Filter)]
final readonly class FilterFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the flow at which its loss is rated', 'Rated at', Kind::Flow, Unit::LitrePerMinute, 0.1, 500)]
        public float $ratedLpm,
        #[Measured('what it loses at its rated flow', 'Loses there', Kind::Pressure, Unit::Kilopascal, 0.01, 1000)]
        public float $ratedKpa,
        #[Measured('what it loses at that flow at the end of its life', 'Loses when worn', Kind::Pressure, Unit::Kilopascal, 0.01, 2000)]
        public float $wornKpa,
        #[Measured('the largest particle it lets through, in micrometres', 'Fineness, µm', Kind::Count, Unit::One, 0.01, 1000)]
        public float $finenessUm,
        #[Measured('how many litres it lasts', 'Lasts', Kind::Volume, Unit::Litre, 10, 200000)]
        public float $lifeL,
        #[Measured('how many months it lasts', 'Months', Kind::Count, Unit::One, 1, 60)]
        public float $lifeMonths,
        /** As carbon does; null where nobody has said it. */
        #[YesNo('Takes out the disinfectant')]
        public ?bool $takesDisinfectant = null,
    ) {
    }
}
