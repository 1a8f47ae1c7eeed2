<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/** Ids that no part of a plan has yet. */
final class FreeId
{
    /** The first free one of PREFIX-1, PREFIX-2 …, or one further on. Whoever applies the patch may replace it. */
    public static function of(string $prefix, Plan $plan, int $further = 0): string
    {
        return self::several($prefix, $further + 1, $plan)[$further];
    }

    /**
     * The first that is free in a plan and among those that are to come into it.
     *
     * @param list<string> $taken
     */
    public static function besides(string $prefix, array $taken, Plan $plan): string
    {
        return array_values(array_diff(self::several($prefix, \count($taken) + 1, $plan), $taken))[0];
    }

    /** @return list<string> the first so many that are free */
    public static function several(string $prefix, int $count, Plan $plan): array
    {
        $taken = [];
        foreach ([
            ...$plan->use->uses,
            ...$plan->load->seats,
            ...$plan->load->loads,
            ...$plan->load->things,
            ...$plan->bays,
            ...$plan->tanks,
            ...self::within($plan),
        ] as $part) {
            $taken[$part->id] = true;
        }
        $free = [];
        for ($number = 1; \count($free) < $count; ++$number) {
            if (!isset($taken[$prefix.'-'.$number])) {
                $free[] = $prefix.'-'.$number;
            }
        }

        return $free;
    }

    /** @return list<object{id: string}> the parts of parts */
    private static function within(Plan $plan): array
    {
        $rig = $plan->load->rig;

        return [
            ...array_merge(...array_column($plan->bays, 'obstructions')),
            ...array_merge(...array_column($plan->tanks, 'ports')),
            ...array_merge(...array_column($plan->tanks, 'levels')),
            ...($rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->axles : []),
            ...$plan->runs,
            ...array_merge(...array_column($plan->runs, 'points')),
            ...$plan->line->parts,
            ...$plan->line->pipes,
            ...array_merge(...array_column($plan->line->pipes, 'points')),
        ];
    }
}
