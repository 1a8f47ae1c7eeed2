<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\OutletProposal;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Tanks\Shared\TankRemoval;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Use\OneCan;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Stage\Use\UseFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A fixed tank is planned where a can that is carried to the tap would do. */
final class CanEnough implements Rule
{
    public function check(Workings $workings): array
    {
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        $forTheStay = OneCan::forTheStay($workings);
        if (null === $largest || (!$forTheStay && !OneCan::forADay($workings))) {
            return [];
        }
        $needL = $forTheStay ? $workings->of(UseWorkings::class)->need(Supply::Main)->carryL : OneCan::dayL($workings);

        return [new Finding(
            UseFinding::CanEnough,
            [$largest->tank->id],
            new Measure($needL, TankProposal::CAN_L, 'L'),
            new SnagText(
                $forTheStay ? 'use.can-enough.title' : 'use.can-enough.title.daily',
                $forTheStay ? 'use.can-enough.why' : 'use.can-enough.why.daily',
                ['litres' => Amount::litres($needL), 'can' => Amount::litres(TankProposal::CAN_L)],
            ),
            static fn (): array => self::proposals($workings, $forTheStay),
        )];
    }

    /** @return list<Fix> one can in place of the fixed tanks; none where there is no room for it */
    private static function proposals(Workings $workings, bool $forTheStay): array
    {
        $fixed = array_filter(
            $workings->of(TanksWorkings::class)->that(WaterKind::Fresh),
            static fn ($working): bool => TankMounting::Fixed === $working->tank->form,
        );
        $plan = $workings->plan;
        $can = FreePlace::addCans($plan, WaterKind::Fresh, 1);
        $index = \count($plan->tanks);
        $placed = $can?->applyTo($plan)->tanks[$index];
        $joined = null === $placed ? null : OutletProposal::added($placed, FreeId::of('outlet', $plan), $plan);
        if (null === $can || null === $joined) {
            return [];
        }
        $patch = $can->and(PlanPatch::replace('/tanks/'.$index.'/ports', $joined->ports))->and(TankRemoval::patch(array_values($fixed), $plan, $joined));
        $label = new Phrase($forTheStay ? 'use.fix.can-instead' : 'use.fix.can-instead.daily', [
            'can' => Amount::litres(TankProposal::CAN_L),
            'tanks' => array_values(array_map(static fn ($working): string => $working->tank->name, $fixed)),
        ]);

        return [new Fix($label, $forTheStay ? $patch : $patch->and(PlanPatch::replace('/use/days', OneCan::DAY)))];
    }
}
