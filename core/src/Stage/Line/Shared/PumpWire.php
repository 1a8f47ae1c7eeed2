<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Sizing\Fuse;
use YardCask\Core\Wire\Ampacity;
use YardCask\Core\Wire\WireCalculator;
use YardCask\Core\Wire\WireInput;

/** The thinnest wire that does for a pump, and its fuse. */
final readonly class PumpWire
{
    private function __construct(
        public float $lengthM,
        public float $copperMm2,
        public float $fuseA,
    ) {
    }

    /** Null of what needs no wire, and where its length or its current is not known. */
    public static function of(PlannedPart $part): ?self
    {
        $figures = $part->figures;
        if (!$figures instanceof PumpFigures || null === $figures->amps || null === $figures->volts || null === $figures->wireM) {
            return null;
        }
        $fuseA = Fuse::forAmps($figures->amps);
        $wire = WireCalculator::calculate(new WireInput($figures->wireM, $figures->amps, $figures->volts));
        foreach (WireCalculator::SECTIONS_MM2 as $mm2) {
            // A fuse that the wire cannot carry protects nothing.
            if (null !== $fuseA && $mm2 >= $wire->areaMm2 && $fuseA <= Ampacity::bundledA($mm2)) {
                return new self($figures->wireM, $mm2, $fuseA);
            }
        }

        return null;
    }
}
