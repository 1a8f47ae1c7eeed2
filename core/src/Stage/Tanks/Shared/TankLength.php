<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Making the largest tank that is made to measure longer or shorter, in steps of 10 mm or half an inch, within the rig. */
final class TankLength
{
    private const STEP_MM = 10.0;
    private const STEP_IN_MM = 12.7;
    private const SHORTEST_MM = 100.0;

    /** So that all fresh tanks together give $usableL or more; null when there is no fixed tank to lengthen or to keep. */
    public static function giving(float $usableL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $ownL = $tanks->largestMade()?->usableL() ?? 0.0;

        return self::times($ownL > 0 ? 1 + ($usableL - $tanks->usableL(WaterKind::Fresh)) / $ownL : 0.0, ceil(...), $workings);
    }

    /** So that all fresh tanks together hold $fullL or less when brim full. */
    public static function holdingAtMost(float $fullL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $ownL = $tanks->largestMade()?->fullL() ?? 0.0;

        return self::times($ownL > 0 ? 1 - ($tanks->fullL(WaterKind::Fresh) - $fullL) / $ownL : 0.0, floor(...), $workings);
    }

    /** @param callable(float): float $round */
    private static function times(float $factor, callable $round, Workings $workings): ?Fix
    {
        $largest = $workings->of(TanksWorkings::class)->largestMade();
        $stepMm = Unit::Inch === $workings->plan->units->length ? self::STEP_IN_MM : self::STEP_MM;
        $lengthMm = round($round(($largest?->tank->lengthMm ?? 0.0) * $factor / $stepMm) * $stepMm, 3);
        if (null === $largest || $lengthMm < self::SHORTEST_MM) {
            return null;
        }

        return self::to($lengthMm, $largest, $workings);
    }

    /** Longer or shorter, and moved off a wall through which it would stand. */
    public static function to(float $lengthMm, TankWorking $working, Workings $workings): ?Fix
    {
        $plan = $workings->plan;
        $to = self::offTheWall($working->tank->sized($lengthMm, $working->tank->widthMm), $plan);

        $label = new Phrase('tanks.fix.resize', [
            'tank' => $working->tank->name,
            'size' => 'length',
            'to' => Amount::mm($lengthMm),
        ]);

        return null === $to ? null : FreePlace::fix($label, $working, $to, $plan);
    }

    /** In its bay, null where it does not fit there; without one at the nearest free place, or else moved along the rig until it is through no wall. */
    private static function offTheWall(PlannedTank $tank, Plan $plan): ?PlannedTank
    {
        $bay = $plan->bayOf($tank);
        if (null !== $bay) {
            return PlaceInBay::unturned($tank, $bay, $plan);
        }
        $settled = FreePlace::besideIt($tank, $plan);
        if (null !== $settled) {
            return $settled;
        }
        $rig = $plan->load->rig;
        $halfM = $tank->rowMm() / 2000;

        return $tank->movedTo(round(max($rig->bodyFromM() + $halfM, min($rig->bodyFromM() + $rig->sizes()->lengthM - $halfM, $tank->xM)), 3), $tank->yM);
    }
}
