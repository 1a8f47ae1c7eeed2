<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;

/** Making the largest fixed tank longer or shorter, in steps of 10 mm, within the rig. */
final class TankLength
{
    private const STEP_MM = 10.0;
    private const SHORTEST_MM = 100.0;

    /** So that all main tanks together give $usableL or more; null when there is no fixed tank to lengthen or to keep. */
    public static function giving(float $usableL, Workings $workings): ?Fix
    {
        $ownL = $workings->largestFixedTank()?->volume->usableL ?? 0.0;

        return self::times($ownL > 0 ? 1 + ($usableL - $workings->usableL(Supply::Main)) / $ownL : 0.0, ceil(...), $workings);
    }

    /** So that all main tanks together hold $fullL or less when brim full. */
    public static function holdingAtMost(float $fullL, Workings $workings): ?Fix
    {
        $ownL = $workings->largestFixedTank()?->volume->fullL() ?? 0.0;

        return self::times($ownL > 0 ? 1 - ($workings->fullL(Supply::Main) - $fullL) / $ownL : 0.0, floor(...), $workings);
    }

    /** @param callable(float): float $round */
    private static function times(float $factor, callable $round, Workings $workings): ?Fix
    {
        $largest = $workings->largestFixedTank();
        $lengthMm = $round(($largest?->tank->lengthMm ?? 0.0) * $factor / self::STEP_MM) * self::STEP_MM;
        if (null === $largest || $lengthMm < self::SHORTEST_MM) {
            return null;
        }

        // A longer tank that would stand through a wall is moved off it.
        $halfM = $lengthMm / 2000;
        $xM = round(max($workings->rigFromM() + $halfM, min($workings->rigToM() - $halfM, $largest->tank->xM)), 3);
        $patch = PlanPatch::replace($largest->pointer().'/length_mm', $lengthMm);

        return new Fix(\sprintf('Make %s %s long', $largest->tank->name, $workings->say->mm($lengthMm)), $xM === $largest->tank->xM ? $patch : $patch->and(PlanPatch::replace($largest->pointer().'/x_m', $xM)));
    }
}
