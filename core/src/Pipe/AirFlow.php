<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

/** Air that a tank breathes. */
final class AirFlow
{
    private const DENSITY = 1.2;
    /** Of a sharp hole. */
    private const DISCHARGE = 0.6;

    /**
     * What it takes to push air through a sharp hole, in kPa. Source: Bernoulli; Q = Cd·A·√(2Δp/ρ) with Cd 0.6 and 1.2 kg/m³.
     *
     * @param float $lpm not negative
     * @param float $boreMm above 0
     */
    public static function throughHoleKpa(float $lpm, float $boreMm): float
    {
        $velocity = $lpm / 60000 / (self::DISCHARGE * \M_PI / 4 * ($boreMm / 1000) ** 2);

        return self::DENSITY * $velocity ** 2 / 2 / 1000;
    }
}
