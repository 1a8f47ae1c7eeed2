<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;

/** Follows the pipes of a line from port to port, nearest first. The caller decides at each part where to go next. */
final class LineWalk
{
    /**
     * @template T
     *
     * @param list<array{PlannedPart, PartPort, T}> $begins where it begins, each with what is carried from there
     * @param \Closure(LineEnd, LinePipe, T): (array{list<PartPort>, T}|null) $arrived at an end, through a pipe, with what is carried;
     *                                                                                 gives the ports at which to go on from there and what is
     *                                                                                 carried on, or null to go no further
     */
    public static function from(array $begins, LineGraph $graph, \Closure $arrived): void
    {
        for ($number = 0; $number < \count($begins); ++$number) {
            [$here, $port, $carried] = $begins[$number];
            $key = $here->port($port);
            $pipe = $graph->atPort[$key] ?? null;
            $end = $pipe?->beyond($key);
            $onward = null === $pipe || null === $end ? null : $arrived($end, $pipe, $carried);
            if (null !== $onward && $end->owner instanceof PlannedPart) {
                foreach ($onward[0] as $next) {
                    $begins[] = [$end->owner, $next, $onward[1]];
                }
            }
        }
    }

    /**
     * @template T
     *
     * @param list<PartPort> $ports
     * @param T $carried
     *
     * @return list<array{PlannedPart, PartPort, T}> the beginnings at some ports of a part
     */
    public static function at(PlannedPart $part, array $ports, mixed $carried = null): array
    {
        return array_map(static fn (PartPort $port): array => [$part, $port, $carried], $ports);
    }
}
