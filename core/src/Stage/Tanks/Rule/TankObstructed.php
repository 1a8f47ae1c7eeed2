<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank runs into something that stands in a bay, whether it stands in that bay itself or not, or is fixed in the rig. */
final class TankObstructed implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach (self::inTheWay($workings->plan) as [$id, $name, $box]) {
            foreach ($workings->of(TanksWorkings::class)->all() as $working) {
                $overlapMm = $working->tank->overlapMm($box);
                if ($overlapMm > self::NOTHING_MM) {
                    $findings[] = new Finding(
                        TanksFinding::TankObstructed,
                        [$working->tank->id, $id],
                        new Measure($overlapMm, 0.0, 'mm'),
                        new SnagText(
                            'tanks.obstructed.title',
                            'tanks.obstructed.why',
                            ['tank' => $working->tank->name, 'thing' => $name, 'overlap' => Amount::mm($overlapMm)],
                        ),
                        static fn (): array => self::ways($working, $workings),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<array{string, string, Box}> id, name and body of what stands in bays and of what is fixed in the rig */
    private static function inTheWay(Plan $plan): array
    {
        $all = array_map(static fn (PlannedThing $thing): array => [$thing->id, $thing->name, $thing->body()], $plan->load->things);
        foreach ($plan->bays as $bay) {
            foreach (Obstacles::in($bay, $plan) as $index => $box) {
                $all[] = [$bay->obstructions[$index]->id, $bay->obstructions[$index]->name, $box];
            }
        }

        return $all;
    }

    /** @return list<Fix> */
    private static function ways(TankWorking $working, Workings $workings): array
    {
        if (null !== $workings->plan->bayOf($working->tank)) {
            return BayFixes::of($working, $workings);
        }
        $settled = FreePlace::settled($working->tank, $workings->plan);
        $label = new Phrase('tanks.fix.free-place', ['tank' => $working->tank->name, 'into' => null, 'leaves' => null]);
        $away = null === $settled ? [] : [new Fix($label, FreePlace::move($working, $settled, $workings->plan))];

        return [...BayFixes::elsewhere($working, $workings), ...$away];
    }
}
