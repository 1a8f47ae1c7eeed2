<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\TankProposal;
use YardCask\Core\Demand\DemandCalculator;
use YardCask\Core\Payload\RigKind;
use YardCask\Core\Plan\LoadPlan;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlannedUse;
use YardCask\Core\Plan\StayStyle;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Plan\UsePlan;

/** Makes a working plan out of the first answers: the usual uses, the crew aboard, and water enough for the stay. */
final class PlanStarter
{
    /** A grown person with clothes and a bag. */
    private const PERSON_KG = 80.0;
    private const BAGS_KG = 25.0;

    public static function start(FirstAnswers $answers, Catalogue $catalogue): Plan
    {
        $usual = array_filter($catalogue->habits, static fn (HabitPreset $habit): bool => $habit->usual);
        $use = new UsePlan($answers->crew, $answers->days, $answers->stay, $answers->stay->usualReserve(), array_values(array_map(static fn (HabitPreset $habit): PlannedUse => $habit->use($answers->habit), $usual)));
        $preset = $answers->rig;
        // Nobody rides in a trailer; their bags do.
        [$name, $kg] = RigKind::Trailer === $preset->rig->body()->style->rigKind() ? ['Bags and bedding', self::BAGS_KG] : ['Crew of '.Say::count((int) ceil($answers->crew)), self::PERSON_KG];
        $crew = new PlannedLoad('crew', $name, $answers->crew * $kg, $preset->seatXM, $preset->seatYM, $preset->seatZM);
        $tanks = self::tanks($use, $preset);

        return new Plan($answers->name, $answers->units, $use, new LoadPlan($preset->rig, [$crew], 1.0), $tanks);
    }

    /** @return list<PlannedTank> one tank, or one can where that is enough, and the cans for drinking behind it */
    private static function tanks(UsePlan $use, RigPreset $preset): array
    {
        $demand = DemandCalculator::calculate($use->demandInput());
        $needL = $demand->supply(Supply::Main->value)->carryL;
        $canIsEnough = $needL <= TankProposal::CAN_L || (StayStyle::Sites === $use->stay && $demand->supply(Supply::Main->value)->dailyL * (1 + $use->reserve) <= TankProposal::CAN_L);
        $tank = $canIsEnough
            ? TankProposal::can('can-1', Supply::Main, $preset->tankXM, $preset->tankYM, $preset->tankZM)
            : TankProposal::fixed('tank-1', $needL, $preset->tankWidthMm, $preset->tankHeightMm, $preset->tankMaxLengthMm, $preset->tankXM, $preset->tankYM, $preset->tankZM);
        $tanks = [$tank];
        $cans = (int) min(8, ceil($demand->supply(Supply::Drinking->value)->carryL / TankProposal::DRINKING_CAN_L));
        $behindM = $tank->xM + $tank->lengthMm / 2000 + 0.2;
        for ($i = 0; $i < $cans; ++$i) {
            $tanks[] = TankProposal::can('drinking-'.($i + 1), Supply::Drinking, round($behindM + intdiv($i, 2) * 0.27, 2), round($preset->tankYM + ($i % 2) * 0.18, 2), $preset->tankZM);
        }

        return $tanks;
    }
}
