<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Shared\LineWeight;

/**
 * How much stability the heights of what is aboard give or take, once the boat's draught is known.
 *
 * ΔGM = Σ m · (draught − GM − z) / (Δ + Σ m), with z above the keel and upright sides.
 * Source: initial stability of ships, weights added at a height.
 */
final class BoatHeights
{
    /**
     * @param list<LineWeight> $line
     * @param list<float> $litres in each tank of the plan
     *
     * @return float 0 where the draught is not known
     */
    public static function gmChangeM(PlannedBoat $boat, Plan $plan, People $people, array $line, array $litres): float
    {
        if (null === $boat->draughtM) {
            return 0.0;
        }
        $kg = $momentKgM = 0.0;
        foreach (self::weights($plan, $people, $line, $litres) as [$weightKg, $zM]) {
            $kg += $weightKg;
            $momentKgM += $weightKg * ($boat->draughtM - $boat->gmM - $zM);
        }

        return $momentKgM / ($boat->displacementKg + $kg);
    }

    /**
     * @param list<LineWeight> $line
     * @param list<float> $litres
     *
     * @return list<array{float, float}> what is aboard, in kg, and how high above the keel its middle is, in m
     */
    private static function weights(Plan $plan, People $people, array $line, array $litres): array
    {
        $weights = array_map(static fn (PlannedSeat $seat): array => [$seat->kg, $seat->zM], $people->taken);
        if ($people->standing > 0) {
            $weights[] = [$people->standing * PlannedSeat::PERSON_KG, $people->standingAt()[2]];
        }
        foreach ($plan->load->loads as $load) {
            $weights[] = [$load->kg, $load->zM];
        }
        foreach ($line as $one) {
            $weights[] = [$one->kg(), $one->zM];
        }
        foreach ($plan->tanks as $index => $tank) {
            $weights[] = [$tank->allEmptyKg() + $litres[$index], self::middleM($tank)];
        }

        return $weights;
    }

    /** How high its middle is above the keel, in m. */
    public static function middleM(PlannedTank $tank): float
    {
        return $tank->zM + $tank->heightMm / 2000;
    }
}
