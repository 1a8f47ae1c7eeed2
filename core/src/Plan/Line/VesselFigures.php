<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** An accumulator: a vessel with a cushion of air. */
#[Tag('family', PartFamily::Vessel)]
final readonly class VesselFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the accumulator’s volume', 'Volume', Kind::Volume, Unit::Litre, 0.05, 50)]
        public float $volumeL,
        #[Measured('the accumulator’s precharge', 'Precharge', Kind::Pressure, Unit::Kilopascal, 0, 1000)]
        public float $prechargeKpa,
    ) {
    }
}
