<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;

/** How full a first plan travels, with the fittings out of the parts that can be had. */
final class RoadFill
{
    private const CHORDS = 3;
    /** Ports, hoses, a shower and its pipes. A rule of thumb. */
    private const FITTINGS_KG = 15.0;

    /** As full as the limits allow with what estimated weights may hide, in whole litres or gallons. */
    public static function withMargin(Plan $plan, ?PartStock $stock = null): Plan
    {
        $workings = Workings::over($plan, $stock);
        $greatest = $workings->of(GreatestFill::class);
        $fullL = $workings->of(TanksWorkings::class)->fullL(WaterKind::Fresh);
        if ($greatest->fraction >= 1.0 || $fullL <= 0) {
            return $plan;
        }
        $step = Quantity::of(1.0, $plan->units->volume)->in(Unit::Litre);

        return self::filled(floor(floor($greatest->litres / $step + 1e-9) * $step / $fullL * 1e6) / 1e6, $plan);
    }

    /** The same as toTheLimit(), with something left for what is fitted later, if that can be. */
    public static function forFittings(Plan $plan): Plan
    {
        $workings = Workings::over($plan);
        if (self::spareKg($workings) >= 0) {
            return $plan;
        }
        $with = self::left(self::FITTINGS_KG, $workings);

        return self::spareKg($workings->with($with)) < 0 ? self::left(0.0, $workings) : $with;
    }

    /** As full as it is, or as full as the limits allow if the weights are right; unchanged where the rig is over a limit even without water. */
    public static function toTheLimit(Plan $plan, ?PartStock $stock = null): Plan
    {
        $workings = Workings::over($plan, $stock);

        return self::spareKg($workings) < 0 ? self::left(0.0, $workings) : $plan;
    }

    /**
     * As full as it may be so that something is left; unchanged where that is not left even without water.
     *
     * @param float $leastKg what is left then
     */
    public static function leaving(float $leastKg, Plan $plan, ?PartStock $stock): Plan
    {
        return self::left($leastKg, Workings::over($plan, $stock));
    }

    /** Full on the road, whatever it weighs. */
    public static function full(Plan $plan): Plan
    {
        return self::filled(1.0, $plan);
    }

    /** The fresh water that can be drawn when the stay begins. */
    public static function carriedL(Plan $plan): float
    {
        return Workings::over($plan)->of(WaterAboard::class)->usableL;
    }

    /** The fresh water that could be drawn if nothing were filled up on arrival. */
    public static function travelL(Plan $plan): float
    {
        return Workings::over($plan)->of(WaterAboard::class)->travelUsableL;
    }

    /** Whether so much is left on the road to every limit, in kg. */
    public static function leaves(float $leastKg, Plan $plan, ?PartStock $stock = null): bool
    {
        return self::spareKg(Workings::over($plan, $stock)) >= $leastKg;
    }

    /** What is left on the road, whatever estimated weights may hide, to the limit that has least; negative where one may be broken. */
    public static function clearKg(Plan $plan, ?PartStock $stock = null): float
    {
        $limits = Workings::over($plan, $stock)->of(LoadWorkings::class)->limits();

        return min(array_map(static fn (LimitWorking $limit): float => $limit->onTheRoad->kg - $limit->errorKg, $limits));
    }

    private static function left(float $leastKg, Workings $workings): Plan
    {
        $plan = $workings->plan;
        $spareKg = static fn (float $fill): float => self::spareKg($workings->with(self::filled($fill, $plan)));
        [$dryKg, $mostKg] = [$spareKg(0.0), self::spareKg($workings)];
        if ($dryKg < $leastKg || $mostKg >= $leastKg) {
            return $plan;
        }
        // For each limit and moment it falls in a straight line, so a chord between two fills never promises too much.
        [$fill, $most, $leftKg] = [0.0, $plan->load->travelFill, $dryKg];
        for ($chord = 0; $chord < self::CHORDS && $leftKg > $mostKg; ++$chord) {
            $fill += ($most - $fill) * max(0.0, $leftKg - $leastKg) / ($leftKg - $mostKg);
            $leftKg = $spareKg($fill);
        }
        $fill = floor($fill * 100) / 100;
        // With water brimmed on arrival, or waste aboard, the weight does not grow in a straight line with the fill.
        if ($spareKg($fill) < $leastKg) {
            [$fill, $tooMuch] = [0.0, $fill];
            while ($tooMuch - $fill > 0.015) {
                $between = round(50 * ($fill + $tooMuch)) / 100;
                $spareKg($between) < $leastKg ? $tooMuch = $between : $fill = $between;
            }
        }

        return self::filled($fill, $plan);
    }

    /** What is left on the road of the limit that has least. */
    private static function spareKg(Workings $workings): float
    {
        return min(array_map(static fn (LimitWorking $limit): float => $limit->onTheRoad->kg, $workings->of(LoadWorkings::class)->limits()));
    }

    private static function filled(float $fraction, Plan $plan): Plan
    {
        return PartFields::changed($plan, ['load' => PartFields::changed($plan->load, ['travelFill' => $fraction])]);
    }
}
