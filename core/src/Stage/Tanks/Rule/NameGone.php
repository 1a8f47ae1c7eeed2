<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank names a bay, or a hose a port, that is no longer in the plan. */
final class NameGone implements Rule
{
    public function check(Workings $workings): array
    {
        $plan = $workings->plan;
        $findings = [];
        $ports = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            array_push($ports, ...array_column($working->tank->ports, 'id'));
            if (null !== $working->tank->bay && null === $plan->bayOf($working->tank)) {
                $findings[] = new Finding(
                    TanksFinding::BayGone,
                    [$working->tank->id],
                    new Measure(0.0, 1.0, ''),
                    new SnagText('tanks.bay-gone.title', 'tanks.bay-gone.why', ['tank' => $working->tank->name]),
                    static fn (): array => [
                        new Fix(new Phrase('tanks.fix.no-bay', ['tank' => $working->tank->name]), PlanPatch::remove($working->pointer().'/bay')),
                    ],
                );
            }
        }
        $loose = array_filter($plan->runs, static fn (PlannedRun $run): bool => !\in_array($run->from, $ports, true));
        if ([] !== $loose) {
            $names = ['hoses' => array_column($loose, 'name'), 'count' => \count($loose)];
            $findings[] = new Finding(
                TanksFinding::RunLoose,
                array_column($loose, 'id'),
                new Measure((float) \count($loose), 0.0, ''),
                new SnagText('tanks.run-loose.title', 'tanks.run-loose.why', $names),
                static fn (): array => [new Fix(new Phrase('tanks.fix.remove-hoses', $names), self::removed(array_keys($loose)))],
            );
        }

        return $findings;
    }

    /** @param list<int> $indexes of hoses, from the first to the last */
    private static function removed(array $indexes): PlanPatch
    {
        return PlanPatch::all(array_map(static fn (int $index): PlanPatch => PlanPatch::remove('/runs/'.$index), array_reverse($indexes)));
    }
}
