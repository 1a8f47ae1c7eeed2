<?php

declare(strict_types=1);

namespace YardCask\Core\Wire;

/** The American Wire Gauge. Source: ASTM B258: the diameters of 36 and 0000 are 0.127 mm and 11.684 mm, and 38 steps of the same ratio lie between. */
final class AmericanGauge
{
    private const THINNEST = 36;
    private const THINNEST_MM = 0.127;
    private const RATIO_OF_39_STEPS = 92.0;

    /**
     * @param float $mm2 the section of a wire
     *
     * @return int the gauge that is sold, an even number, of a wire at least as thick
     */
    public static function of(float $mm2): int
    {
        $diameterMm = sqrt(4 * $mm2 / \M_PI);
        $gauge = self::THINNEST - 39 * log($diameterMm / self::THINNEST_MM, self::RATIO_OF_39_STEPS);

        return 2 * (int) floor($gauge / 2 + 1e-9);
    }
}
