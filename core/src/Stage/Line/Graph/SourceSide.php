<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** The side of a part that water comes from: the side that leads to a tank or an inlet without passing through the part. */
final class SourceSide
{
    /** Whether its arrow points to where the water comes from: to the nearest source. */
    public static function isBackwards(PlannedPart $part, LineGraph $graph): bool
    {
        [$in, $out] = [$part->entersAt(), $part->leavesAt()];

        return self::sourceAway($part, $out, $graph) < self::sourceAway($part, $in, $graph);
    }

    /** How many parts away the nearest source is, going out through a port; infinite without one. Mains count as a source for everything but a pump. */
    private static function sourceAway(PlannedPart $part, PartPort $port, LineGraph $graph): float
    {
        $found = null;
        // With the first source found there is nowhere left to go.
        $stops = static function (PlannedPart $next) use (&$found, $part): bool {
            $found ??= self::isSource($next, $part) ? $next : null;

            return null !== $found;
        };
        foreach (Reach::from($part, [$port], $graph, $stops) as $number => $end) {
            if (PartPort::Outlet === $end->port || ($end->owner instanceof PlannedPart && self::isSource($end->owner, $part))) {
                return (float) $number;
            }
        }

        return \INF;
    }

    private static function isSource(PlannedPart $next, PlannedPart $of): bool
    {
        return PartKind::FillInlet === $next->kind || (PartKind::MainsInlet === $next->kind && !$of->kind->isPump());
    }

    /**
     * What lies between a part and where the water comes from.
     *
     * @return list<PlannedPart> the nearest first; none beyond another pump or a heater
     */
    public static function partsBefore(PlannedPart $part, PartPort $port, LineGraph $graph): array
    {
        $stops = static fn (PlannedPart $next): bool => $next->kind->isPump() || PartKind::StorageHeater === $next->kind;

        return array_values(
            array_filter(
                array_map(static fn (LineEnd $end): PlannedPart|PlannedTank => $end->owner, Reach::from($part, [$port], $graph, $stops)),
                static fn (object $owner): bool => $owner instanceof PlannedPart,
            ),
        );
    }
}
