<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * Axle loads of a loaded vehicle.
 *
 * rear = weighed + Σ m·x/wheelbase; front = weighed + Σ m·(1 − x/wheelbase); right less left = Σ 2·m·y/track.
 * Source: statics, moments about the front axle and about the centreline.
 */
final class RoadPayloadCalculator
{
    public static function calculate(RoadRig $rig): RoadPayload
    {
        $emptyKg = $emptyRearKg = $waterKg = $waterRearKg = $sideKg = 0.0;
        foreach ($rig->loads as $load) {
            $emptyKg += $load->kg;
            $emptyRearKg += $load->kg * $load->xM / $rig->wheelbaseM;
            $sideKg += 2 * $load->kg * $load->yM / $rig->trackM;
        }
        foreach ($rig->tanks as $tank) {
            $share = $tank->xM / $rig->wheelbaseM;
            $emptyKg += $tank->emptyKg;
            $emptyRearKg += $tank->emptyKg * $share;
            $waterKg += $tank->litres;
            $waterRearKg += $tank->litres * $share;
            $sideKg += 2 * $tank->fullKg() * $tank->yM / $rig->trackM;
        }
        $gross = new FillLimit(LimitName::Gross, $rig->front->weighedKg + $rig->rear->weighedKg + $emptyKg, $waterKg, $rig->grossLimitKg);
        $front = new FillLimit(LimitName::Front, $rig->front->weighedKg + $emptyKg - $emptyRearKg, $waterKg - $waterRearKg, $rig->front->limitKg);
        $rear = new FillLimit(LimitName::Rear, $rig->rear->weighedKg + $emptyRearKg, $waterRearKg, $rig->rear->limitKg);

        return new RoadPayload($gross, $front, $rear, $sideKg, MaxFill::within([$gross, $front, $rear], $waterKg));
    }
}
