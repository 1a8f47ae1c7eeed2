<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Filled up for the road with the waste still aboard, the rig exceeds a limit that it otherwise keeps. */
final class Refilled implements Rule
{
    public function check(Workings $workings): array
    {
        $worst = null;
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            $isNew = $limit->spareIn(RigState::Refilled)->isBroken() && !$limit->onTheRoad->isBroken();
            if ($isNew && (null === $worst || $limit->spareIn(RigState::Refilled)->kg < $worst->spareIn(RigState::Refilled)->kg)) {
                $worst = $limit;
            }
        }

        return null === $worst ? [] : [new Finding(
            LoadFinding::OverRefilled,
            [],
            new Measure($worst->kgIn(RigState::Refilled), $worst->limitKg, 'kg'),
            new SnagText('load.over-refilled.title', 'load.over-refilled.why', [
                'carrier' => LimitWords::carrier($worst->name, $workings->rigWords),
                'over' => Amount::kg(-$worst->spareIn(RigState::Refilled)->kg),
                'limit' => Amount::kg($worst->limitKg),
            ]),
            static fn (): array => [],
        )];
    }
}
