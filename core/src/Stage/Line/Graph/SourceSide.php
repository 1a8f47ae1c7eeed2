<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\PlannedTank;

/** From which side of a part the water comes: the side from which a tank or an inlet is reached without passing it. */
final class SourceSide
{
    /** Whether its arrow points to where the water comes from: to the nearest source. */
    public static function isBackwards(PlannedPart $part, LineGraph $graph): bool
    {
        [$in, $out] = $part->reversed ? [PartPort::Out, PartPort::In] : [PartPort::In, PartPort::Out];

        return self::sourceAway($part, $out, $graph) < self::sourceAway($part, $in, $graph);
    }

    /** How many parts away the nearest source lies beyond a port: a tank’s outlet, a hose from a bucket, and of all but pumps mains; infinite without one. */
    private static function sourceAway(PlannedPart $part, PartPort $port, LineGraph $graph): float
    {
        foreach (self::beyond($part, $port, $graph) as $number => $end) {
            $kind = $end->owner instanceof PlannedPart ? $end->owner->kind : null;
            if (PartPort::Outlet === $end->port || PartKind::FillInlet === $kind || (PartKind::MainsInlet === $kind && !$part->kind->isPump())) {
                return (float) $number;
            }
        }

        return \INF;
    }

    /**
     * What lies between a part and where the water comes from.
     *
     * @return list<PlannedPart> the nearest first; none beyond another pump or a heater
     */
    public static function partsBefore(PlannedPart $part, PartPort $port, LineGraph $graph): array
    {
        return array_values(
            array_filter(
                array_map(static fn (LineEnd $end): PlannedPart|PlannedTank => $end->owner, self::beyond($part, $port, $graph, true)),
                static fn (object $owner): bool => $owner instanceof PlannedPart,
            ),
        );
    }

    /** @return list<LineEnd> everything that is reached, the nearest first */
    private static function beyond(PlannedPart $part, PartPort $port, LineGraph $graph, bool $stops = false): array
    {
        $found = [];
        $seen = [$part->id => true];
        $queue = [[$part, $port]];
        while ([] !== $queue) {
            [$here, $at] = array_shift($queue);
            $end = $graph->beyond($here, $at);
            if (null === $end || isset($seen[$end->owner->id])) {
                continue;
            }
            $seen[$end->owner->id] = true;
            $found[] = $end;
            $next = $end->owner;
            if (!$next instanceof PlannedPart || ($stops && ($next->kind->isPump() || PartKind::StorageHeater === $next->kind))) {
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
