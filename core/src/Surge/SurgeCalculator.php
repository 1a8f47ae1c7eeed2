<?php

declare(strict_types=1);

namespace YardCask\Core\Surge;

/**
 * Water in a closed box under a steady tilt, and its first slosh.
 *
 * tan θ = deceleration/g + grade/100. The surface is the plane z = e − |tan θ|·x from its high end; e follows from the
 * volume between floor and lid, ∫ min(h, max(0, e − |tan θ|·x)) dx = still depth · length. The open pipe stands at the
 * plane's height where it is. Baffles have holes, so they change the slosh and not the tilt.
 * Source: hydrostatics of a liquid in uniform acceleration; ω² = (π·g/c)·tanh(π·h/c) for a box of length c and depth h
 * (Lamb, Hydrodynamics, §257).
 */
final class SurgeCalculator
{
    private const G_M_S2 = 9.80665;
    private const NOTHING_M = 1e-12;

    public static function calculate(SurgeInput $box): Surge
    {
        $slope = $box->decelG + $box->gradePercent / 100;
        $rise = abs($slope) * $box->lengthM;
        $high = self::highEndM($box->depthM(), $rise, $box->heightM);
        $atEnd = ($slope < 0 ? $high - $rise : $high) + $slope * $box->portOutM;

        return new Surge(rad2deg(atan($slope)), max(0.0, $atEnd), $atEnd > $box->portHeightM, self::periodS($box));
    }

    /**
     * The height of the surface at its high end.
     *
     * @param float $depthM at rest
     * @param float $riseM of the surface over the whole length
     */
    private static function highEndM(float $depthM, float $riseM, float $heightM): float
    {
        if ($riseM < self::NOTHING_M || $depthM <= 0.0) {
            return $depthM;
        }
        if ($depthM >= $heightM) {
            return $heightM + $riseM;
        }

        return TiltedSurface::highEndM([new VesselBox(0.0, 1.0, 1.0, 0.0, $heightM)], $depthM, $riseM);
    }

    private static function periodS(SurgeInput $box): ?float
    {
        $depth = $box->depthM();
        if ($depth < self::NOTHING_M || $depth > $box->heightM - self::NOTHING_M) {
            return null;
        }
        $wave = \M_PI / ($box->lengthM / $box->baffleCells);

        return 2 * \M_PI / sqrt(self::G_M_S2 * $wave * tanh($wave * $depth));
    }
}
