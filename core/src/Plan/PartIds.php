<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedAdapter;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/** The ids of all parts of a plan, and what they add to the numbers that were issued. */
final class PartIds
{
    /** @return list<string> */
    public static function of(Plan $plan): array
    {
        $rig = $plan->load->rig;

        return array_column([
            ...$plan->use->uses,
            ...$plan->load->seats,
            ...$plan->load->loads,
            ...$plan->load->things,
            ...$plan->bays,
            ...array_merge(...array_column($plan->bays, 'obstructions')),
            ...$plan->tanks,
            ...array_merge(...array_column($plan->tanks, 'ports')),
            ...array_merge(...array_column($plan->tanks, 'levels')),
            ...($rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->axles : []),
            ...$plan->runs,
            ...array_merge(...array_column($plan->runs, 'points')),
            ...$plan->line->parts,
            ...$plan->line->pipes,
            ...array_merge(...array_column($plan->line->pipes, 'points')),
            ...self::adapters($plan->line),
        ], 'id');
    }

    /** @return list<PlannedAdapter> at both ends of every pipe */
    private static function adapters(LinePlan $line): array
    {
        $adapters = [];
        foreach ($line->pipes as $pipe) {
            array_push($adapters, ...$pipe->fromJoint->adapters ?? [], ...$pipe->toJoint->adapters ?? []);
        }

        return $adapters;
    }

    /** The plan, with its own ids and those of an earlier state of it counted as issued. */
    public static function issued(Plan $plan, ?Plan $earlier = null): Plan
    {
        $issued = $plan->issued->with(self::of($plan));

        return PartFields::changed($plan, ['issued' => null === $earlier ? $issued : $issued->and($earlier->issued->with(self::of($earlier)))]);
    }
}
