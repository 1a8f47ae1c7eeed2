<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\BestSplit;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LimitWorking;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;

/** Travelling with less water, in whole litres or gallons. */
final class TravelFill
{
    /** To travel with as much as every limit allows, all main tanks filled alike; null when a limit is broken by empty tanks. */
    public static function within(Workings $workings): ?Fix
    {
        return self::alike($workings->full->maxFill()->litres, $workings);
    }

    /** To travel with the most that a fill of its own for each tank allows; null when that is no more than filling all alike. */
    public static function split(Workings $workings): ?Fix
    {
        $split = BestSplit::of($workings);
        if (null === $split) {
            return null;
        }
        $patch = null;
        foreach ($split->tanks as $index => $working) {
            $path = $working->pointer().'/travel_fill';
            $fraction = $split->fractions()[$index];
            $one = null === $working->tank->travelFill ? PlanPatch::add($path, $fraction) : PlanPatch::replace($path, $fraction);
            $patch = null === $patch ? $one : $patch->and($one);
        }

        return null === $patch ? null : new Fix(\sprintf('Travel with %s: %s', $workings->say->litresAtMost($split->litres()), $split->inWords($workings->say)), $patch);
    }

    /**
     * To leave some margin under limits; null when that cannot be had from water.
     *
     * @param array<string, float> $marginsKg by the limit's name; no margin under one that is not named
     */
    public static function leaving(array $marginsKg, Workings $workings): ?Fix
    {
        $fractions = array_map(static fn (LimitWorking $limit): float => $limit->greatestFraction($marginsKg[$limit->name->value] ?? 0.0), $workings->limits());

        return self::alike(min($fractions) * $workings->fullL(Supply::Main), $workings);
    }

    private static function alike(float $litres, Workings $workings): ?Fix
    {
        $fullL = $workings->fullL(Supply::Main);
        $step = Quantity::of(1.0, $workings->plan->units->volume)->in(Unit::Litre);
        $roundL = floor($litres / $step) * $step;
        if ($roundL < $step || $fullL <= 0) {
            return null;
        }
        $patch = PlanPatch::replace('/load/travel_fill', floor($roundL / $fullL * 1e6) / 1e6);
        foreach ($workings->tanksOf(Supply::Main) as $working) {
            if (null !== $working->tank->travelFill) {
                $patch = $patch->and(PlanPatch::remove($working->pointer().'/travel_fill'));
            }
        }

        return new Fix(\sprintf('Travel with %s', $workings->say->litres($roundL)), $patch);
    }
}
