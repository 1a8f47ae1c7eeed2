<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A relief valve, led outside. */
#[Tag('family', PartFamily::Relief)]
final readonly class ReliefFigures implements PartFigures
{
    use WrittenAsDeclared;

    public function __construct(
        #[Measured('the pressure at which it opens', 'Opens at', Kind::Pressure, Unit::Kilopascal, 50, 2000)]
        public float $setKpa,
    ) {
    }
}
