<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

/** Air that a tank breathes. */
final class AirFlow
{
    private const DENSITY = 1.2;
    /** Kinematic, in m²/s at 20 °C. */
    private const VISCOSITY = 1.5e-5;
    /** Where a stream in a hose begins to swirl, by its Reynolds number. */
    private const TURBULENT_RE = 2300.0;
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

    /**
     * What friction in a hose takes, in kPa. Source: Darcy–Weisbach with f = 64/Re, or 0.316/Re^0.25 above 2300 (Blasius).
     *
     * @param float $lpm not negative
     * @param float $boreMm above 0
     * @param float $lengthM not negative
     */
    public static function throughHoseKpa(float $lpm, float $boreMm, float $lengthM): float
    {
        $boreM = $boreMm / 1000;
        $velocity = $lpm / 60000 / (\M_PI / 4 * $boreM ** 2);
        $reynolds = $velocity * $boreM / self::VISCOSITY;
        if ($reynolds <= 0) {
            return 0.0;
        }
        $factor = $reynolds < self::TURBULENT_RE ? 64 / $reynolds : 0.316 / $reynolds ** 0.25;

        return $factor * $lengthM / $boreM * self::DENSITY * $velocity ** 2 / 2 / 1000;
    }
}
