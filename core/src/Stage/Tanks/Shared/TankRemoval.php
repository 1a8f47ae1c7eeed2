<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;

/** Taking tanks out of a plan, with the hoses that begin at them. */
final class TankRemoval
{
    /** @param list<TankWorking> $tanks in the order of the plan */
    public static function patch(array $tanks, Plan $plan): PlanPatch
    {
        $ports = array_merge(...array_map(static fn (TankWorking $working): array => array_column($working->tank->ports, 'id'), $tanks));
        $patches = [];
        // From the end, so that the places of those before stay as they are.
        foreach (array_reverse($plan->runs, true) as $index => $run) {
            if (\in_array($run->from, $ports, true)) {
                $patches[] = PlanPatch::remove('/runs/'.$index);
            }
        }
        foreach (array_reverse($tanks) as $working) {
            $patches[] = PlanPatch::remove($working->pointer());
        }

        return PlanPatch::all($patches);
    }
}
