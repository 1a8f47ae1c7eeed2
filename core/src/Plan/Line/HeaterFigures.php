<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Plan\Field\YesNo;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A heater: a storage heater holds litres at a temperature; an exchanger heats what passes. */
#[Tag('family', PartFamily::Heater)]
final readonly class HeaterFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the flow at which its loss is rated', 'Rated at', Kind::Flow, Unit::LitrePerMinute, 0.1, 500)]
        public float $ratedLpm,
        #[Measured('what it loses at its rated flow', 'Loses there', Kind::Pressure, Unit::Kilopascal, 0.01, 1000)]
        public float $ratedKpa,
        #[Measured('the heater’s power', 'Power, W', Kind::Count, Unit::One, 10, 60000)]
        public float $watts,
        #[Measured('the highest temperature it heats water to', 'Heats to', Kind::Temperature, Unit::Celsius, 20, 99)]
        public float $hotC,
        /** 0 for an exchanger. */
        #[Measured('what the heater holds', 'Holds', Kind::Volume, Unit::Litre, 0, 200)]
        public float $litres,
        /** Null where nobody has said it. */
        #[Choice('Heated by')]
        public ?HeatSource $source = null,
        /** Why a store may be kept below 60 °C; null where nobody has said it. */
        #[Choice('Kept cooler because it is')]
        public ?CoolerStore $coolerBecause = null,
        /** Whether a second wall keeps the coolant out of the water when the first one leaks; null where nobody has said it. */
        #[YesNo('Two walls to the coolant')]
        public ?bool $doubleWall = null,
    ) {
    }
}
