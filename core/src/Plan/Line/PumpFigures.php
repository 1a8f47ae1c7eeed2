<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Plan\Field\Parts;
use YardCask\Core\Plan\Field\Tag;
use YardCask\Core\Plan\Field\WrittenAsDeclared;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A pump: its curve at its own voltage, its pressure switch, and what it draws. */
#[Tag('family', PartFamily::Pump)]
final readonly class PumpFigures implements PartFigures
{
    use WrittenAsDeclared;

    public const MOST_POINTS = 12;

    /** @param list<PumpPoint> $curve from no flow, falling */
    public function __construct(
        #[Parts(PumpPoint::class, self::MOST_POINTS, 2)]
        public array $curve,
        /** How high it lifts water when it is primed; dry it lifts less. */
        #[Measured('how high it lifts when primed', 'Lifts, primed', Kind::Length, Unit::Metre, 0, 9)]
        public float $primedLiftM,
        #[Measured('how high it lifts when dry', 'Lifts, dry', Kind::Length, Unit::Metre, 0, 9)]
        public float $dryLiftM,
        /** Null without a pressure switch. */
        #[Measured('the pressure at which the pump starts', 'Cut-in', Kind::Pressure, Unit::Kilopascal, 5, 1000)]
        public ?float $cutInKpa = null,
        #[Measured('the pressure at which the pump stops', 'Cut-out', Kind::Pressure, Unit::Kilopascal, 10, 1000)]
        public ?float $cutOutKpa = null,
        /** At full work; null for one that a hand or a foot moves. */
        #[Measured('what the pump draws, in amperes', 'Draws, A', Kind::Count, Unit::One, 0.1, 60)]
        public ?float $amps = null,
        #[Measured('the pump’s voltage', 'Volts', Kind::Count, Unit::One, 6, 240)]
        public ?float $volts = null,
        #[Measured('how loud the pump is at a metre, in dB(A)', 'Noise, dB', Kind::Count, Unit::One, 10, 100)]
        public ?float $noiseDb = null,
        /** Of one that a hand or a foot moves. */
        #[Measured('what one stroke of the pump moves', 'A stroke moves', Kind::Volume, Unit::Litre, 0.01, 5)]
        public ?float $strokeL = null,
        /** One way, to the battery. */
        #[Measured('the wire from the pump to its battery', 'Wire to the battery', Kind::Length, Unit::Metre, 0.1, 40)]
        public ?float $wireM = null,
    ) {
    }

    /** @return non-empty-list<array{float, float}>|null L/min and kPa; null where the curve rises, goes back, or does not begin at nothing */
    public function pairs(): ?array
    {
        $pairs = array_map(static fn (PumpPoint $point): array => [$point->lpm, $point->kpa], $this->curve);
        if (\count($pairs) < 2 || 0.0 !== $pairs[0][0]) {
            return null;
        }
        for ($index = 1; $index < \count($pairs); ++$index) {
            if ($pairs[$index][0] <= $pairs[$index - 1][0] || $pairs[$index][1] >= $pairs[$index - 1][1]) {
                return null;
            }
        }

        return $pairs;
    }
}
