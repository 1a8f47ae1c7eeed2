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
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
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
        foreach (InTheWay::all($workings->plan) as $thing) {
            foreach ($workings->of(TanksWorkings::class)->all() as $working) {
                $overlapMm = $working->tank->overlapMm($thing->body);
                if ($overlapMm > self::NOTHING_MM) {
                    $findings[] = new Finding(
                        TanksFinding::TankObstructed,
                        [$working->tank->id, $thing->id],
                        new Measure($overlapMm, 0.0, 'mm'),
                        new SnagText(
                            'tanks.obstructed.title',
                            'tanks.obstructed.why',
                            ['tank' => $working->tank->name, 'thing' => $thing->name, 'overlap' => Amount::mm($overlapMm)],
                        ),
                        static fn (): array => self::ways($working, $workings),
                    );
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
        $label = new Phrase('tanks.fix.free-place', ['tank' => $working->tank->name, 'into' => null]);
        $away = null === $settled ? null : FreePlace::fix($label, $working, $settled, $workings->plan);

        return array_values(array_filter([...BayFixes::elsewhere($working, $workings), $away]));
    }
}
