<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Id;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\PlannedShape;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A tank that can be had ready made: its inner sizes over all, where its fittings sit, and what it costs. */
final readonly class StockTank
{
    public function __construct(
        #[Id]
        public string $id,
        #[Text('the tank’s name', FreeId::LONGEST_NAME)]
        public string $name,
        #[Choice('Shape')]
        public PlannedShape $shape,
        #[Measured('its length', 'Length', Kind::Length, Unit::Millimetre, 20, 4000)]
        public float $lengthMm,
        #[Measured('its width', 'Width', Kind::Length, Unit::Millimetre, 20, 4000)]
        public float $widthMm,
        #[Measured('its height', 'Height', Kind::Length, Unit::Millimetre, 20, 2000)]
        public float $heightMm,
        #[Measured('the outlet’s height above the floor', 'Outlet at', Kind::Length, Unit::Millimetre, 0, 2000)]
        public float $outletHeightMm,
        #[Measured('the overflow’s height above the floor', 'Overflow at', Kind::Length, Unit::Millimetre, 1, 2000)]
        public float $overflowHeightMm,
        #[Measured('what it weighs empty', 'Weight, empty', Kind::Mass, Unit::Kilogram, 0, 300)]
        public float $emptyKg,
        /** An invented price, of no currency: it only compares. */
        #[Measured('its price', 'Price', Kind::Count, Unit::One, 0, 100000)]
        public float $price,
    ) {
    }
}
