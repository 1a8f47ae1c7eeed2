<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A pressure regulator. */
#[Tag('family', PartFamily::Regulator)]
final readonly class RegulatorFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the pressure downstream of the regulator', 'Set to', Kind::Pressure, Unit::Kilopascal, 20, 1000)]
        public float $setKpa,
        #[Measured('the flow at which its loss is rated', 'Rated at', Kind::Flow, Unit::LitrePerMinute, 0.1, 500)]
        public float $ratedLpm,
        #[Measured('what it loses at its rated flow', 'Loses there', Kind::Pressure, Unit::Kilopascal, 0.01, 1000)]
        public float $ratedKpa,
    ) {
    }
}
