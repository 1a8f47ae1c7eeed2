<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A tank stands beside an exhaust or a heater: its plastic softens and its water grows warm. */
final class TankNearHot implements RuleWithThresholds
{
    public static function thresholds(): array
    {
        return ['hot_apart' => Amount::mm(InTheWay::HOT_ROOM_MM)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach (InTheWay::all($workings->plan) as $thing) {
            foreach (ThingNeed::Hot === $thing->need ? $workings->of(TanksWorkings::class)->all() : [] as $working) {
                $apartMm = $working->tank->apartMm($thing->body);
                if ($apartMm < InTheWay::HOT_ROOM_MM - 0.5) {
                    $findings[] = new Finding(
                        TanksFinding::TankNearHot,
                        [$working->tank->id, $thing->id],
                        new Measure($apartMm, InTheWay::HOT_ROOM_MM, 'mm'),
                        new SnagText('tanks.near-hot.title', 'tanks.near-hot.why', [
                            'tank' => $working->tank->name,
                            'thing' => $thing->name,
                            'apart' => Amount::mm($apartMm),
                            'apart_least' => Amount::mm(InTheWay::HOT_ROOM_MM),
                        ]),
                        static fn (): array => BayFixes::elsewhere($working, $workings),
                        $thing->look,
                    );
                }
            }
        }

        return $findings;
    }
}
