<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Tanks\PlannedPort;

/** The patch that leads from one list of a plan to another: what is changed in its place, what is taken out, what is added at the end. */
final class ListPatch
{
    public static function ofLine(LinePlan $before, LinePlan $after): PlanPatch
    {
        return self::between('/line/parts', $before->parts, $after->parts)->and(self::between('/line/pipes', $before->pipes, $after->pipes));
    }

    /**
     * @param string $path of the list in the plan
     * @param list<PlannedPart|PlannedPipe|PlannedPort> $before
     * @param list<PlannedPart|PlannedPipe|PlannedPort> $after
     */
    public static function between(string $path, array $before, array $after): PlanPatch
    {
        $left = array_combine(array_column($after, 'id'), $after);
        $patches = $removals = [];
        foreach ($before as $index => $old) {
            $new = $left[$old->id] ?? null;
            unset($left[$old->id]);
            if (null === $new) {
                array_unshift($removals, PlanPatch::remove($path.'/'.$index));
            } elseif ($new !== $old) {
                $patches[] = PlanPatch::replace($path.'/'.$index, $new);
            }
        }
        $added = array_map(static fn (PlannedPart|PlannedPipe|PlannedPort $one): PlanPatch => PlanPatch::append($path, $one), array_values($left));

        return PlanPatch::all([...$patches, ...$removals, ...$added]);
    }
}
