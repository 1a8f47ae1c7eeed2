<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Quantity\Unit;

/** Making the largest fixed tank longer or shorter, in steps of 10 mm or half an inch, within the rig. */
final class TankLength
{
    private const STEP_MM = 10.0;
    private const STEP_IN_MM = 12.7;
    private const SHORTEST_MM = 100.0;

    /** So that all fresh tanks together give $usableL or more; null when there is no fixed tank to lengthen or to keep. */
    public static function giving(float $usableL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $ownL = $tanks->largestFixed()?->usableL() ?? 0.0;

        return self::times($ownL > 0 ? 1 + ($usableL - $tanks->usableL(Holds::Fresh)) / $ownL : 0.0, ceil(...), $workings);
    }

    /** So that all fresh tanks together hold $fullL or less when brim full. */
    public static function holdingAtMost(float $fullL, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $ownL = $tanks->largestFixed()?->fullL() ?? 0.0;

        return self::times($ownL > 0 ? 1 - ($tanks->fullL(Holds::Fresh) - $fullL) / $ownL : 0.0, floor(...), $workings);
    }

    /** @param callable(float): float $round */
    private static function times(float $factor, callable $round, Workings $workings): ?Fix
    {
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        $stepMm = Unit::Inch === $workings->plan->units->length ? self::STEP_IN_MM : self::STEP_MM;
        $lengthMm = round($round(($largest?->tank->lengthMm ?? 0.0) * $factor / $stepMm) * $stepMm, 3);
        if (null === $largest || $lengthMm < self::SHORTEST_MM) {
            return null;
        }

        // A longer tank that would stand through a wall is moved off it.
        $rig = $workings->plan->load->rig;
        $halfM = $largest->tank->count * $lengthMm / 2000;
        $xM = round(max($rig->bodyFromM() + $halfM, min($rig->bodyFromM() + $rig->sizes()->lengthM - $halfM, $largest->tank->xM)), 3);
        $patch = PlanPatch::replace($largest->pointer().'/length_mm', $lengthMm);

        return new Fix(\sprintf('Make %s %s long', $largest->tank->name, $workings->say->mm($lengthMm)), $xM === $largest->tank->xM ? $patch : $patch->and(PlanPatch::replace($largest->pointer().'/x_m', $xM)));
    }
}
