<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** Where an axle stands and what it and its tyres may carry. */
final readonly class AxleSizes
{
    public function __construct(
        #[Measured('an axle’s place along the rig', '{Along}', Kind::Length, Unit::Metre, 0, 15)]
        public float $xM,
        /** From the middle of the left tyres to the middle of the right ones. */
        #[Measured('the track', 'Track', Kind::Length, Unit::Metre, 0.5, 3)]
        public float $trackM,
        #[Measured('an axle’s limit', 'Limit', Kind::Mass, Unit::Kilogram, 50, 20000, near: 'estimated_kg')]
        public float $limitKg,
        /** Two on each side. */
        #[YesNo('Twin tyres')]
        public bool $twins,
        /** Of one tyre: as its side wall says, at the pressure it has. */
        #[Measured('what one tyre of an axle may carry', 'Tyres, each', Kind::Mass, Unit::Kilogram, 50, 10000)]
        public ?float $tyreKg = null,
        /** Its share of the load on its group of axles; null to share equally with the others that have none. */
        #[Measured('an axle’s share of its group', 'Share of its group', Kind::Share, Unit::Fraction, 0.05, 0.95)]
        public ?float $share = null,
    ) {
    }
}
