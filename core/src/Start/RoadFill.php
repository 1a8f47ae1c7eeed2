<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Workings;
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

/** How full a first plan travels. */
final class RoadFill
{
    private const CHORDS = 3;
    /** Ports, hoses, a shower and its pipes. A rule of thumb. */
    private const FITTINGS_KG = 15.0;

    /** As full as the limits allow with what estimated weights may hide, in whole litres or gallons. */
    public static function withMargin(Plan $plan): Plan
    {
        $workings = Workings::over($plan);
        $greatest = $workings->of(GreatestFill::class);
        $fullL = $workings->of(TanksWorkings::class)->fullL(WaterKind::Fresh);
        if ($greatest->fraction >= 1.0 || $fullL <= 0) {
            return $plan;
        }
        $step = Quantity::of(1.0, $plan->units->volume)->in(Unit::Litre);

        return self::filled(floor(floor($greatest->litres / $step + 1e-9) * $step / $fullL * 1e6) / 1e6, $plan);
    }

    /**
     * As full as it is, or as full as the limits allow if the weights are right, with something left for what is fitted later; unchanged where
     * the rig is over a limit even without water.
     */
    public static function toTheLimit(Plan $plan): Plan
    {
        if (!self::isOver($plan)) {
            return $plan;
        }
        $none = self::filled(0.0, $plan);
        foreach ([self::FITTINGS_KG, 0.0] as $leastKg) {
            if (self::spareKg($none) >= $leastKg) {
                return self::filled(floor(self::greatest($leastKg, $plan) * 100) / 100, $plan);
            }
        }

        return $plan;
    }

    /** The fresh water that can be drawn when the stay begins. */
    public static function carriedL(Plan $plan): float
    {
        return Workings::over($plan)->of(WaterAboard::class)->usableL;
    }

    /** Whether a limit is broken on the road. */
    public static function isOver(Plan $plan): bool
    {
        return self::spareKg($plan) < 0;
    }

    /** What is left on the road of the limit that has least. */
    private static function spareKg(Plan $plan): float
    {
        $limits = Workings::over($plan)->of(LoadWorkings::class)->limits();

        return min(array_map(static fn (LimitWorking $limit): float => $limit->onTheRoad->kg, $limits));
    }

    /** The fill at which so much is left. For each limit and moment it falls in a straight line, so a chord between two fills never promises too much. */
    private static function greatest(float $leastKg, Plan $plan): float
    {
        [$fill, $over] = [0.0, $plan->load->travelFill];
        [$spareKg, $overKg] = [self::spareKg(self::filled($fill, $plan)), self::spareKg($plan)];
        for ($chord = 0; $chord < self::CHORDS; ++$chord) {
            $fill += ($over - $fill) * max(0.0, $spareKg - $leastKg) / ($spareKg - $overKg);
            $spareKg = self::spareKg(self::filled($fill, $plan));
        }

        return $fill;
    }

    private static function filled(float $fraction, Plan $plan): Plan
    {
        return PartFields::changed($plan, ['load' => PartFields::changed($plan->load, ['travelFill' => $fraction])]);
    }
}
