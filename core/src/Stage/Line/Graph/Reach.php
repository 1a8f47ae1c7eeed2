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
        LineWalk::from(LineWalk::at($part, $ports), $graph, static function (LineEnd $end) use (&$found, &$seen, $stops): ?array {
            $next = $end->owner;
            // A tank can be reached at its outlet and at its inlet, and they are not the same to the line.
            $place = $next instanceof PlannedPart ? $next->id : $end->key;
            if (isset($seen[$place])) {
                return null;
            }
            $seen[$place] = true;
            $found[] = $end;
            // Nothing comes from the cold side of a mixer to its hot side, nor back.
            $isEnd = !$next instanceof PlannedPart || true === $stops?->__invoke($next) || ($next->kind->mixes() && PartPort::Out !== $end->port);

            return $isEnd ? null : [$next->kind->portsBut($end->port), null];
        });

        return $found;
    }
}
