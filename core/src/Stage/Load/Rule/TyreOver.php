<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WheelLoad;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Load\SideShift;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;

/** A wheel carries more than its tyre may, though its axle is within its limit. */
final class TyreOver implements Rule
{
    public function check(Workings $workings): array
    {
        $worst = WheelLoads::worstOver($workings);
        if (null === $worst) {
            return [];
        }
        [$say, $words] = [$workings->say, $workings->words];
        $when = RigState::Travelling === $worst->state ? '' : ' '.$worst->state->inWords($words);

        return [new Finding(
            LoadFinding::TyreOver,
            [],
            new Measure($worst->kg, $worst->tyreKg, 'kg'),
            \sprintf('The %s is %s over its limit%s', $worst->name($workings->plan->load->rig, $words), $say->kg($worst->overKg()), $when),
            \sprintf('It stands under %s, allowed %s. Half of its axle rests on it, and what is aboard weighs more on that side. The limit is that of the tyre at the pressure it has.', $say->kg($worst->kg), $say->kg($worst->tyreKg)),
            static fn (): array => self::across($worst, $workings),
            new LookAt('/load/rig/axles/'.$worst->axleIndex.'/tyre_kg', 'Check the tyre'),
        )];
    }

    /** @return list<Fix> the largest tank, or the heaviest loads, moved across until both sides carry the same */
    private static function across(WheelLoad $worst, Workings $workings): array
    {
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        $tankKg = null === $largest ? 0.0 : $largest->tank->allEmptyKg() + $workings->of(LoadWorkings::class)->contents->in($worst->state)[$largest->index];

        return SideShift::across($tankKg, $worst->momentKgM, $worst->momentKgM, 3, $workings);
    }
}
