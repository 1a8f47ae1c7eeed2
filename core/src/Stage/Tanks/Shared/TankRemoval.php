<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** Taking tanks out of a plan, with the hoses that begin at them. */
final class TankRemoval
{
    /**
     * @param list<TankWorking> $tanks in the order of the plan
     * @param PlannedTank|null $instead at which the pipes of the line are joined then; those from the outlet of a second one go
     */
    public static function patch(array $tanks, Plan $plan, ?PlannedTank $instead = null): PlanPatch
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
        array_push($patches, ...self::pipes(array_map(static fn (TankWorking $working): string => $working->tank->id, $tanks), $plan, $instead));

        return PlanPatch::all($patches);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<PlanPatch>
     */
    private static function pipes(array $ids, Plan $plan, ?PlannedTank $instead): array
    {
        $patches = $gone = $taken = [];
        foreach ($plan->line->pipes as $index => $pipe) {
            foreach (['from' => $pipe->from, 'to' => $pipe->to] as $end => $name) {
                [$id, $port] = [...explode('.', $name, 2), ''];
                if (!\in_array($id, $ids, true)) {
                    continue;
                }
                $there = PartPort::Inlet->value === $port ? $port : $instead?->outlets()[0]->id ?? null;
                if (null === $instead || null === $there || isset($taken[$there])) {
                    array_unshift($gone, PlanPatch::remove('/line/pipes/'.$index));
                } else {
                    $taken[$there] = true;
                    $patches[] = PlanPatch::replace('/line/pipes/'.$index.'/'.$end, $instead->id.'.'.$there);
                }
            }
        }

        return [...$patches, ...$gone];
    }
}
