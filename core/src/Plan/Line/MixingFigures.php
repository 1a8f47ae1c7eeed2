<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A valve that mixes hot and cold to a temperature. */
#[Tag('family', PartFamily::Mixing)]
final readonly class MixingFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the temperature that it mixes to', 'Mixes to', Kind::Temperature, Unit::Celsius, 20, 65)]
        public float $setC,
        #[Measured('the flow at which its loss is rated', 'Rated at', Kind::Flow, Unit::LitrePerMinute, 0.1, 500)]
        public float $ratedLpm,
        #[Measured('what it loses at its rated flow', 'Loses there', Kind::Pressure, Unit::Kilopascal, 0.01, 1000)]
        public float $ratedKpa,
    ) {
    }
}
