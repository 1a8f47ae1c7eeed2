<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;

/** What is joined to a part, whichever way the water runs and however the valves are turned. */
final class Reach
{
    /**
     * @param list<PartPort> $ports at which it begins
     * @param \Closure(PlannedPart): bool|null $stops the parts that are not passed
     *
     * @return list<LineEnd> the nearest first, each part and each port of a tank once, without the part itself
     */
    public static function from(PlannedPart $part, array $ports, LineGraph $graph, ?\Closure $stops = null): array
    {
        $found = [];
        $seen = [$part->id => true];
        $queue = array_map(static fn (PartPort $port): array => [$part, $port], $ports);
        while ([] !== $queue) {
            [$here, $at] = array_shift($queue);
            $end = $graph->beyond($here, $at);
            // A tank can be reached at its outlet and at its inlet, and they are not the same to the line.
            $place = $end?->owner instanceof PlannedPart ? $end->owner->id : $end?->key;
            if (null === $end || null === $place || isset($seen[$place])) {
                continue;
            }
            $seen[$place] = true;
            $found[] = $end;
            $next = $end->owner;
            if (!$next instanceof PlannedPart || (null !== $stops && $stops($next))) {
                continue;
            }
            if ($next->kind->mixes() && PartPort::Out !== $end->port) {
                // Nothing comes from the cold side of a mixer to its hot side, nor back.
                continue;
            }
            foreach ($next->kind->ports() as $other) {
                if ($other !== $end->port) {
                    $queue[] = [$next, $other];
                }
            }
        }

        return $found;
    }
}
