<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * Nose weight and axle load of a loaded trailer.
 *
 * nose = weighed + Σ m·(1 − x/L) with L from coupling to axle; axle = total − nose.
 * Source: statics, moments about the axle.
 */
final class TrailerPayloadCalculator
{
    public static function calculate(TrailerRig $rig): TrailerPayload
    {
        $emptyKg = $emptyNoseKg = $waterKg = $waterNoseKg = 0.0;
        foreach ($rig->loads as $load) {
            $emptyKg += $load->kg;
            $emptyNoseKg += $load->kg * (1 - $load->xM / $rig->couplingToAxleM);
        }
        foreach ($rig->tanks as $tank) {
            $share = 1 - $tank->xM / $rig->couplingToAxleM;
            $emptyKg += $tank->emptyKg;
            $emptyNoseKg += $tank->emptyKg * $share;
            $waterKg += $tank->litres;
            $waterNoseKg += $tank->litres * $share;
        }
        $totalKg = $rig->weighedKg + $emptyKg;
        $noseKg = $rig->noseWeighedKg + $emptyNoseKg;
        $gross = new FillLimit(LimitName::Gross, $totalKg, $waterKg, $rig->grossLimitKg);
        $nose = new FillLimit(LimitName::Nose, $noseKg, $waterNoseKg, $rig->noseLimitKg);
        $axle = new FillLimit(LimitName::Axle, $totalKg - $noseKg, $waterKg - $waterNoseKg, $rig->axleLimitKg);

        return new TrailerPayload($gross, $nose, $axle, MaxFill::within([$gross, $nose, $axle], $waterKg));
    }
}
