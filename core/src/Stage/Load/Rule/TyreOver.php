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
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shared\WheelLoad;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Load\Shift\SideShift;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A wheel carries more than its tyre may, though its axle is within its limit. */
final class TyreOver implements Rule
{
    public function check(Workings $workings): array
    {
        $worst = WheelLoads::worstOver($workings);
        if (null === $worst) {
            return [];
        }
        $rig = $workings->plan->load->rig;

        return [new Finding(
            LoadFinding::TyreOver,
            [],
            new Measure($worst->kg, $worst->tyreKg, 'kg'),
            new SnagText('load.tyre-over.title', 'load.tyre-over.why', [
                'tyre' => $worst->phrase($rig),
                'over' => Amount::kg($worst->overKg()),
                'when' => $worst->state->phrase($rig->kind()),
                'kg' => Amount::kg($worst->kg),
                'kg_limit' => Amount::kg($worst->tyreKg),
            ]),
            static fn (): array => [...WasteFirst::fixes($workings), ...self::across($worst, $workings)],
            new LookAt('/load/rig/axles/'.$worst->axleIndex.'/tyre_kg', new Phrase('load.tyre-over.look')),
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
