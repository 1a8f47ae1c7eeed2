<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Bays\BayPlace;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Tanks\Shared\PortProposal;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Nothing tells how much is left in a fixed tank. */
final class LevelUnseen implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            if (TankMounting::Fixed !== $tank->form || $tank->seeThrough || null !== $tank->portFor(PortRole::Gauge)) {
                continue;
            }
            $findings[] = new Finding(
                TanksFinding::LevelUnseen,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('tanks.level-unseen.title', 'tanks.level-unseen.why', ['tank' => $tank->name]),
                static fn (): array => array_values(array_filter([
                    PortProposal::addition(PortRole::Gauge, $working, $workings),
                    self::seen($working, $workings),
                ])),
            );
        }

        return $findings;
    }

    /** Through the wall of a tank that is slung under the floor nobody looks. */
    private static function seen(TankWorking $working, Workings $workings): ?Fix
    {
        return BayPlace::UnderFloor === $workings->plan->bayOf($working->tank)?->place
            ? null
            : new Fix(new Phrase('tanks.fix.see-through'), PlanPatch::replace($working->pointer().'/see_through', true));
    }
}
