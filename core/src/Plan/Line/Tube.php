<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Plan\Field\Choice;
use YardCask\Core\Plan\Field\Inline;
use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Text;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** What a pipe or a hose is by the metre, wherever it runs; weight and price are those of one. */
final readonly class Tube
{
    private const COLD_C = 20.0;

    public function __construct(
        #[Measured('the bore of a pipe', 'Bore', Kind::Length, Unit::Millimetre, 2, 120)]
        public float $boreMm,
        #[Inline]
        public PartMake $make,
        /** The speed at which a shock runs through it. */
        #[Measured('the wave speed of a pipe, in m/s', 'Wave, m/s', Kind::Count, Unit::One, 20, 1500)]
        public float $waveMps,
        /** How much more a metre of it holds at 100 kPa more. */
        #[Measured('what a metre of it stretches by for each 100 kPa', 'Gives a metre', Kind::Volume, Unit::Litre, 0, 1)]
        public float $stretchL,
        /** Null where it stands there what it stands cold. */
        #[Measured('the pressure that a pipe is rated for at its highest temperature', 'Rated for, when hot', Kind::Pressure, Unit::Kilopascal, 1, 4000)]
        public ?float $hotKpa = null,
        /** Null where nobody has said it: then nothing is said of its joints. */
        #[Choice('Its ends are joined by')]
        public ?JoiningMethod $joint = null,
        /** As PortEnd reads it; null while nobody has measured it. */
        #[Text('what both its ends are: “hose 12.5 braided”', PortEnd::LONGEST)]
        public ?string $end = null,
    ) {
    }

    /** In kPa, straight from 20 °C to what it is made for. */
    public function standsKpa(float $c): float
    {
        $share = min(1.0, max(0.0, ($c - self::COLD_C) / max(1.0, $this->make->ratingC - self::COLD_C)));

        return $this->make->ratingKpa - $share * ($this->make->ratingKpa - min($this->make->ratingKpa, $this->hotKpa ?? $this->make->ratingKpa));
    }
}
