<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
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
        foreach ($plan->runs as $index => $run) {
            if (!\in_array($run->from, $ports, true)) {
                $findings[] = new Finding(
                    TanksFinding::RunLoose,
                    [$run->id],
                    new Measure(0.0, 1.0, ''),
                    new SnagText('tanks.run-loose.title', 'tanks.run-loose.why', ['hose' => $run->name]),
                    static fn (): array => [new Fix(new Phrase('tanks.fix.remove-hose', ['hose' => $run->name]), PlanPatch::remove('/runs/'.$index))],
                );
            }
        }

        return $findings;
    }
}
