<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Fill;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Travelling with less water, or with more where that cures something, in whole litres or gallons. */
final class TravelFill
{
    /** @return list<Fix> to travel with the most that the limits allow: each tank for itself where that is more, and all alike */
    public static function allowed(Workings $workings): array
    {
        $greatest = $workings->of(GreatestFill::class);

        // What an estimate can break is not gone up to.
        $safe = $greatest->margin > 0 || 0.0 === EstimateError::on(LimitName::Gross, $workings->plan);

        return $greatest->exists && $safe ? array_values(array_filter([self::split($workings), self::alike($greatest->litres, $workings)])) : [];
    }

    /** To leave some margin under the gross limit; null when that cannot be had from water. */
    public static function leavingOfGross(float $marginKg, Workings $workings): ?Fix
    {
        $load = $workings->of(LoadWorkings::class);
        $gross = $load->limits()[0];
        $litres = min($workings->of(GreatestFill::class)->litres, $gross->limitKg - $marginKg - $gross->fill->emptyKg);

        return $workings->of(GreatestFill::class)->exists ? self::alike($litres, $workings) : null;
    }

    private static function split(Workings $workings): ?Fix
    {
        $split = BestSplit::of($workings);
        if (null === $split) {
            return null;
        }
        $patches = array_map(
            static fn (TankWorking $working, float $fraction): PlanPatch => PlanPatch::set(
                $working->pointer().'/travel_fill',
                $fraction,
                null !== $working->tank->travelFill,
            ),
            $split->tanks,
            $split->fractions(),
        );

        $label = new Phrase('load.fix.travel-split', [
            'rig' => $workings->plan->load->rig->kind(),
            'litres' => Amount::litresAtMost($split->litres()),
            'split' => $split->inWords($workings->wording),
        ]);

        return new Fix($label, PlanPatch::all($patches));
    }

    private static function alike(float $litres, Workings $workings): ?Fix
    {
        $tanks = $workings->of(TanksWorkings::class);
        $fullL = $tanks->fullL(WaterKind::Fresh);
        $step = Quantity::of(1.0, $workings->plan->units->volume)->in(Unit::Litre);
        $roundL = $litres >= $fullL - 1e-9 ? $fullL : floor($litres / $step + 1e-9) * $step;
        if ($roundL < $step || $fullL <= 0) {
            return null;
        }
        $patch = PlanPatch::replace('/load/travel_fill', floor($roundL / $fullL * 1e6) / 1e6);
        foreach ($tanks->that(WaterKind::Fresh) as $working) {
            if (null !== $working->tank->travelFill) {
                $patch = $patch->and(PlanPatch::remove($working->pointer().'/travel_fill'));
            }
        }

        return new Fix(new Phrase('load.fix.travel', ['rig' => $workings->plan->load->rig->kind(), 'litres' => Amount::litresAtMost($roundL)]), $patch);
    }
}
