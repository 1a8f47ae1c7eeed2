<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;

/** The ends that the catalogue knows of what the plan has taken from it. */
final class CatalogueEnds
{
    /** @return list<PlanPatch> one for each part and pipe of the line of which the plan does not say them */
    public static function patches(Workings $workings): array
    {
        [$line, $stock] = [$workings->plan->line, $workings->stock];
        $patches = [];
        foreach ($line->parts as $index => $part) {
            $ends = null === $part->ends && null !== $part->stock ? $stock->part($part->stock)?->ends : null;
            $patches[] = null === $ends ? PlanPatch::none() : PlanPatch::add('/line/parts/'.$index.'/ends', $ends);
        }
        foreach ($line->pipes as $index => $pipe) {
            $end = null === $pipe->tube->end && null !== $pipe->stock ? $stock->pipe($pipe->stock)?->tube->end : null;
            $patches[] = null === $end ? PlanPatch::none() : PlanPatch::add('/line/pipes/'.$index.'/end', $end);
        }

        return array_values(array_filter($patches, static fn (PlanPatch $one): bool => !$one->isNone()));
    }
}
