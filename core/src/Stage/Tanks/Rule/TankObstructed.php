<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** A tank runs into something that stands in a bay, whether it stands in that bay itself or not. */
final class TankObstructed implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->plan->bays as $bay) {
            foreach (Obstacles::in($bay, $workings->plan) as $index => $box) {
                $obstruction = $bay->obstructions[$index];
                foreach ($workings->of(TanksWorkings::class)->all() as $working) {
                    $overlapMm = $working->tank->body()->overlapMm($box);
                    if ($overlapMm > self::NOTHING_MM) {
                        $findings[] = new Finding(
                            TanksFinding::TankObstructed,
                            [$working->tank->id, $obstruction->id],
                            new Measure($overlapMm, 0.0, 'mm'),
                            \sprintf('%s runs into %s', $working->tank->name, $obstruction->name),
                            \sprintf('They take up the same space: %s are missing where they could most easily be parted.', $workings->say->mm($overlapMm)),
                            static fn (): array => self::ways($working, $workings),
                        );
                    }
                }
            }
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function ways(TankWorking $working, Workings $workings): array
    {
        if (null !== $workings->plan->bayOf($working->tank)) {
            return BayFixes::of($working, $workings);
        }
        $settled = FreePlace::settled($working->tank, $workings->plan);
        $away = null === $settled ? [] : [new Fix(\sprintf('Move %s to a free place', $working->tank->name), FreePlace::move($working, $settled, $workings->plan))];

        return [...BayFixes::elsewhere($working, $workings), ...$away];
    }
}
