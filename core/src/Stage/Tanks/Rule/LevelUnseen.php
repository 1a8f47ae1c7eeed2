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
use YardCask\Core\Stage\Tanks\Shared\LevelGauge;
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
                static fn (): array => self::ways($working, $workings),
            );
        }

        return $findings;
    }

    /** @return list<Fix> a sender; at a tank that can be looked at, a sight tube on its side, or its own wall */
    private static function ways(TankWorking $working, Workings $workings): array
    {
        $isSeen = BayPlace::UnderFloor !== $workings->plan->bayOf($working->tank)?->place;

        return array_values(array_filter([
            LevelGauge::sender($working, $workings),
            $isSeen ? LevelGauge::sightTube($working, $workings) : null,
            $isSeen ? new Fix(new Phrase('tanks.fix.see-through'), PlanPatch::replace($working->pointer().'/see_through', true)) : null,
        ]));
    }
}
