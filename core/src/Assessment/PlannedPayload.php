<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\BoatPayloadCalculator;
use YardCask\Core\Payload\BoatRig;
use YardCask\Core\Payload\BoatTank;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\Payload;
use YardCask\Core\Payload\RoadPayloadCalculator;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\TrailerPayloadCalculator;
use YardCask\Core\Payload\TrailerRig;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\Supply;

/**
 * A plan as the payload calculator's input: drinking water always travels full and so counts as a load,
 * the main tanks hold what the filling says.
 */
final class PlannedPayload
{
    /** @param list<TankWorking> $tanks */
    public static function calculate(Plan $plan, array $tanks, Filling $filling): Payload
    {
        $masses = [];
        foreach ($plan->load->loads as $load) {
            $masses[] = $load->mass();
        }
        $main = [];
        $surfaces = [];
        foreach ($tanks as $working) {
            $tank = $working->tank;
            if (Supply::Drinking === $tank->supply) {
                $masses[] = new Mass($tank->name, $tank->emptyKg + $working->volume->fullL(), $tank->xM, $tank->yM);
                continue;
            }
            $main[] = $loaded = new LoadedTank($tank->name, $working->volume->fullL() * $filling->of($tank, $plan), $tank->emptyKg, $tank->xM, $tank->yM);
            $surfaces[] = new BoatTank($loaded, $tank->lengthMm / 1000, $tank->widthMm / 1000);
        }
        $rig = $plan->load->rig;

        return match (true) {
            $rig instanceof PlannedRoadRig => RoadPayloadCalculator::calculate(new RoadRig($rig->grossLimitKg, $rig->wheelbaseM, $rig->front->axle(), $rig->rear->axle(), $rig->trackM, $masses, $main)),
            $rig instanceof PlannedTrailer => TrailerPayloadCalculator::calculate(new TrailerRig($rig->grossLimitKg, $rig->whole->kg(), $rig->nose->kg(), $rig->noseLimitKg, $rig->couplingToAxleM, $rig->axleLimitKg, $masses, $main)),
            $rig instanceof PlannedBoat => BoatPayloadCalculator::calculate(new BoatRig($rig->displacementKg, $rig->gmM, $rig->loadLimitKg, $masses, $surfaces)),
            default => throw new \LogicException('A rig of class '.$rig::class.' cannot be weighed.'),
        };
    }
}
