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
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Two tanks take up the same space. */
final class TanksCollide implements Rule
{
    public function check(Workings $workings): array
    {
        $tanks = $workings->of(TanksWorkings::class)->all();
        $findings = [];
        foreach ($tanks as $working) {
            foreach (\array_slice($tanks, 0, $working->index) as $other) {
                $overlapMm = max(array_map($working->tank->overlapMm(...), $other->tank->solids()));
                if ($overlapMm > 0.5) {
                    $findings[] = new Finding(
                        TanksFinding::TanksCollide,
                        [$other->tank->id, $working->tank->id],
                        new Measure($overlapMm, 0.0, 'mm'),
                        new SnagText('tanks.collide.title', 'tanks.collide.why', [
                            'tank' => $working->tank->name,
                            'other' => $other->tank->name,
                            'overlap' => Amount::mm($overlapMm),
                        ]),
                        static fn (): array => self::moveAway($working, $workings),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function moveAway(TankWorking $working, Workings $workings): array
    {
        $settled = FreePlace::settled($working->tank, $workings->plan);
        $bay = $workings->plan->bayOf($working->tank);
        $label = new Phrase('tanks.fix.free-place', ['tank' => $working->tank->name, 'into' => $bay?->name]);

        return array_values(array_filter([
            null === $settled ? null : FreePlace::fix($label, $working, $settled, $workings->plan),
            ...BayFixes::elsewhere($working, $workings),
        ]));
    }
}
