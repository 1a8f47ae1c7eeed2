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
                    \sprintf('The bay of %s is gone', $working->tank->name),
                    'It was to stand in a bay that the plan no longer has; where it stands is kept.',
                    static fn (): array => [new Fix(\sprintf('%s stands in no bay', $working->tank->name), PlanPatch::remove($working->pointer().'/bay'))],
                );
            }
        }
        foreach ($plan->runs as $index => $run) {
            if (!\in_array($run->from, $ports, true)) {
                $findings[] = new Finding(
                    TanksFinding::RunLoose,
                    [$run->id],
                    new Measure(0.0, 1.0, ''),
                    \sprintf('%s begins nowhere', $run->name),
                    'The port at which it began is no longer in the plan.',
                    static fn (): array => [new Fix(\sprintf('Take %s out', $run->name), PlanPatch::remove('/runs/'.$index))],
                );
            }
        }

        return $findings;
    }
}
