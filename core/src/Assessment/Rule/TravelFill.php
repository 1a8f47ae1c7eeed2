<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;

/** Travelling with less water, in whole litres or gallons. */
final class TravelFill
{
    /** To travel with as much as every limit allows; null when a limit is broken by an empty tank. */
    public static function within(Workings $workings): ?Fix
    {
        return self::to($workings->full->maxFill()->litres, $workings);
    }

    /**
     * To leave some margin under limits; null when that cannot be had from water.
     *
     * @param array<string, float> $marginsKg by the limit's name; no margin under one that is not named
     */
    public static function leaving(array $marginsKg, Workings $workings): ?Fix
    {
        $fractions = array_map(static function (FillLimit $limit) use ($marginsKg): float {
            $marginKg = $marginsKg[$limit->name->value] ?? 0.0;

            return (new FillLimit($limit->name, $limit->emptyKg, $limit->waterKg, $limit->limitKg - $marginKg))->greatestFraction();
        }, $workings->full->limits());

        return self::to(min($fractions) * $workings->fullL(Supply::Main), $workings);
    }

    private static function to(float $litres, Workings $workings): ?Fix
    {
        $fullL = $workings->fullL(Supply::Main);
        $step = Quantity::of(1.0, $workings->plan->units->volume)->in(Unit::Litre);
        $roundL = floor($litres / $step) * $step;
        if ($roundL < $step || $fullL <= 0) {
            return null;
        }

        return new Fix(\sprintf('Travel with %s', $workings->say->litres($roundL)), PlanPatch::replace('/load/travel_fill', floor($roundL / $fullL * 1e6) / 1e6));
    }
}
