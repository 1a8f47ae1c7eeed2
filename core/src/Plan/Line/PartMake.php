<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What a part is, whatever it does in the line: as its maker says. */
final readonly class PartMake
{
    public function __construct(
        /** Cold, above the air outside. */
        #[Measured('the pressure that the part is rated for', 'Rated for', Kind::Pressure, Unit::Kilopascal, 1, 4000)]
        public float $ratingKpa,
        #[Measured('the temperature that the part is rated for', 'Rated to', Kind::Temperature, Unit::Celsius, 5, 130)]
        public float $ratingC,
        #[YesNo('Made for drinking water')]
        public bool $foodGrade,
        #[Measured('the part’s weight', 'Weight', Kind::Mass, Unit::Kilogram, 0, 100)]
        public float $weightKg,
        /** Of no currency: it only compares. */
        #[Measured('the part’s price', 'Price', Kind::Count, Unit::One, 0, 100000)]
        public float $price,
        /** Whether what is left in it breaks it. */
        #[YesNo('Drain before frost')]
        public ?bool $drainBeforeFrost = null,
    ) {
    }
}
