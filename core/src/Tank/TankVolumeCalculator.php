<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/**
 * What a tank holds, what of it can be used, and where to cut the gauge marks.
 *
 * usable = V(overflow) − V(outlet), each less the share that baffles take; a mark for fraction f stands at the level h
 * with V(h) = V(outlet) + f · usable. Source: solid geometry of the shape.
 */
final class TankVolumeCalculator
{
    public static function calculate(TankInput $tank): TankVolume
    {
        $kept = 1 - $tank->displacedFraction;
        $litresBelow = static fn (float $levelMm): float => $kept * $tank->shape->litresBelow($levelMm);
        $grossL = $litresBelow($tank->shape->heightMm());
        $belowOutletL = $litresBelow($tank->outletHeightMm);
        $fullL = $litresBelow($tank->overflowHeightMm);
        $usableL = $fullL - $belowOutletL;

        $marks = array_map(static function (float $fraction) use ($tank, $litresBelow, $belowOutletL, $usableL): TankMark {
            $heightMm = self::levelAt($belowOutletL + $fraction * $usableL, $litresBelow, $tank->outletHeightMm, $tank->overflowHeightMm);

            return new TankMark($fraction, $fraction * $usableL, $heightMm, $tank->shape->heightMm() - $heightMm);
        }, $tank->marks);

        return new TankVolume($grossL, $belowOutletL, $grossL - $fullL, $usableL, $marks);
    }

    /** The level above the floor, in mm, at which $litres stand in the tank; from the floor up to the lid. */
    public static function levelMm(TankInput $tank, float $litres): float
    {
        $kept = 1 - $tank->displacedFraction;

        return self::levelAt($litres, static fn (float $levelMm): float => $kept * $tank->shape->litresBelow($levelMm), 0.0, $tank->shape->heightMm());
    }

    /**
     * The level below which $litres lie, between two levels; the volume rises with the level.
     * Source: regula falsi, in the Illinois form of Dowell and Jarratt (1971); between upright walls its first step is exact.
     *
     * @param callable(float): float $litresBelow
     */
    private static function levelAt(float $litres, callable $litresBelow, float $lowMm, float $highMm): float
    {
        $belowL = $litresBelow($lowMm) - $litres;
        $aboveL = $litresBelow($highMm) - $litres;
        if ($belowL >= 0 || $aboveL <= 0) {
            return $belowL >= 0 ? $lowMm : $highMm;
        }
        $levelMm = $lowMm;
        $kept = null;
        for ($i = 0; $i < 100 && $highMm - $lowMm > 1e-9; ++$i) {
            $levelMm = ($lowMm * $aboveL - $highMm * $belowL) / ($aboveL - $belowL);
            $errorL = $litresBelow($levelMm) - $litres;
            if (abs($errorL) < 1e-10 * $litres) {
                break;
            }
            // An end that is kept twice counts half, so that it moves too before long.
            if ($errorL > 0) {
                [$highMm, $aboveL, $belowL, $kept] = [$levelMm, $errorL, 'low' === $kept ? $belowL / 2 : $belowL, 'low'];
            } else {
                [$lowMm, $belowL, $aboveL, $kept] = [$levelMm, $errorL, 'high' === $kept ? $aboveL / 2 : $aboveL, 'high'];
            }
        }

        return $levelMm;
    }
}
