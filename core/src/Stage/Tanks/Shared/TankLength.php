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

/** Making a tank that is made to measure longer or shorter, the largest where that can be, in steps of 10 mm or half an inch, within the rig. */
final class TankLength
{
    private const STEP_MM = 10.0;
    private const STEP_IN_MM = 12.7;
    private const SHORTEST_MM = 100.0;

    /** So that all fresh tanks together give $usableL or more; null when there is no fixed tank to lengthen or to keep. */
    public static function giving(float $usableL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        foreach ($tanks->made() as $made) {
            $ownL = $made->usableL();
            $fix = $ownL > 0 ? self::times(1 + ($usableL - $tanks->usableL(WaterKind::Fresh)) / $ownL, ceil(...), $made, $workings) : null;
            if (null !== $fix) {
                return $fix;
            }
        }

        return null;
    }

    /** So that all fresh tanks together hold $fullL or less when brim full. */
    public static function holdingAtMost(float $fullL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $largest = $tanks->largestMade();
        $ownL = $largest?->fullL() ?? 0.0;

        return null === $largest || $ownL <= 0
            ? null
            : self::times(1 - ($tanks->fullL(WaterKind::Fresh) - $fullL) / $ownL, floor(...), $largest, $workings);
    }

    /** @param callable(float): float $round */
    private static function times(float $factor, callable $round, TankWorking $made, Workings $workings): ?Fix
    {
        $stepMm = Unit::Inch === $workings->plan->units->length ? self::STEP_IN_MM : self::STEP_MM;
        $lengthMm = round($round($made->tank->lengthMm * $factor / $stepMm) * $stepMm, 3);

        return $lengthMm < self::SHORTEST_MM ? null : self::to($lengthMm, $made, $workings);
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
