<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Quantity;

/** Travelling with less water, in whole litres or gallons. */
final class TravelFill
{
    /** To travel with as much as every limit allows; null when a limit is broken by an empty tank. */
    public static function within(Workings $workings): ?Fix
    {
        return self::to($workings->full->maxFill()->litres, $workings);
    }

    /** To leave $marginKg under one limit; null when that cannot be had from water. */
    public static function leaving(float $marginKg, FillLimit $limit, Workings $workings): ?Fix
    {
        $fraction = (new FillLimit(LimitName::None, $limit->emptyKg, $limit->waterKg, $limit->limitKg - $marginKg))->greatestFraction();

        return self::to($fraction * $workings->fullL(Supply::Main), $workings);
    }

    private static function to(float $litres, Workings $workings): ?Fix
    {
        $fullL = $workings->fullL(Supply::Main);
        $unit = $workings->plan->units->volume;
        $step = Quantity::of(1.0, $unit)->in(\YardCask\Core\Quantity\Unit::Litre);
        $roundL = floor($litres / $step) * $step;
        if ($roundL < $step || $fullL <= 0) {
            return null;
        }

        return new Fix(\sprintf('Travel with %s', $workings->say->litres($roundL)), PlanPatch::replace('/load/travel_fill', floor($roundL / $fullL * 1e6) / 1e6));
    }
}
