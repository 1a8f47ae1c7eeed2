<?php

declare(strict_types=1);

namespace YardCask\Core\Wire;

/** A = ρ · 2L · I / ΔV, there and back. Source: Ohm's law; copper at 0.0178 Ω·mm²/m, sections of IEC 60228. */
final class WireCalculator
{
    /** In Ω·mm²/m. */
    public const COPPER = 0.0178;
    public const SECTIONS_MM2 = [0.75, 1.0, 1.5, 2.5, 4.0, 6.0, 10.0, 16.0, 25.0, 35.0, 50.0];

    public static function calculate(WireInput $wire): Wire
    {
        // A square millimetre would lose so much: what may be lost takes as many times that.
        $areaMm2 = self::dropV($wire, 1.0) / ($wire->maxDrop * $wire->volts);
        foreach (self::SECTIONS_MM2 as $section) {
            if ($section >= $areaMm2) {
                return new Wire($areaMm2, $section, self::dropV($wire, $section));
            }
        }

        return new Wire($areaMm2, null, null);
    }

    /** There and back. */
    public static function dropV(WireInput $wire, float $areaMm2): float
    {
        return self::COPPER * 2 * $wire->lengthM * $wire->amps / $areaMm2;
    }
}
