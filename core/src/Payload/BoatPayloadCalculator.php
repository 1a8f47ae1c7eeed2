<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * Load, free surface and heel of a boat.
 *
 * free surface = Σ 1000·l·b³/12 / (displacement with the load aboard), slack tanks only; GM' = GM − free surface;
 * tan heel = Σ m·y / (displacement with the load aboard · GM').
 * Source: initial stability of ships at small angles.
 */
final class BoatPayloadCalculator
{
    /** kg/m³, as in all weight sums. */
    private const WATER_DENSITY = 1000.0;

    public static function calculate(BoatRig $rig): BoatPayload
    {
        $emptyKg = $waterKg = $momentKgM = $surfaceKgM = 0.0;
        foreach ($rig->loads as $load) {
            $emptyKg += $load->kg;
            $momentKgM += $load->kg * $load->yM;
        }
        foreach ($rig->tanks as $boatTank) {
            $emptyKg += $boatTank->tank->emptyKg;
            $waterKg += $boatTank->tank->litres;
            $momentKgM += $boatTank->tank->fullKg() * $boatTank->tank->yM;
            $surfaceKgM += $boatTank->slack ? self::WATER_DENSITY * $boatTank->lengthM * $boatTank->widthM ** 3 / 12 : 0.0;
        }
        $loadedKg = $rig->displacementKg + $emptyKg + $waterKg;
        $freeSurfaceM = $surfaceKgM / $loadedKg;
        $gmEffectiveM = $rig->gmM - $freeSurfaceM;
        $heelDeg = $gmEffectiveM > 0 ? rad2deg(atan($momentKgM / ($loadedKg * $gmEffectiveM))) : null;
        $load = new FillLimit(LimitName::Gross, $emptyKg, $waterKg, $rig->loadLimitKg);

        return new BoatPayload($load, $freeSurfaceM, $gmEffectiveM, $heelDeg, MaxFill::within([$load], $waterKg));
    }
}
