<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** The highest pressures of a line against what its parts, pipes and joints are rated for at the temperature of their water. */
final class PeakRatings
{
    /** @return list<RatedPeak> of every part, of every pipe and its joints, the nearest to its rating first */
    public static function of(HighestPressure $highest, LineGraph $graph, WarmWater $warm): array
    {
        [$parts, $pipes] = [$highest->parts, $highest->pipes];
        $all = [];
        foreach ($graph->plan->line->parts as $part) {
            if (isset($parts[$part->id])) {
                $all[] = new RatedPeak($part, $parts[$part->id], $part->make->ratingKpa, $warm->hottestC($part));
            }
        }
        foreach ($graph->pipes as $index => $pipe) {
            if (isset($pipes[$index])) {
                $c = max($warm->atC($pipe->from) ?? WarmWater::COLD_C, $warm->atC($pipe->to) ?? WarmWater::COLD_C);
                $tube = $pipe->pipe->tube;
                $all[] = new RatedPeak($pipe, $pipes[$index], $tube->standsKpa($c), $c);
                if (null !== $tube->joint) {
                    $all[] = new RatedPeak($pipe, $pipes[$index], $tube->joint->holdsKpa($c), $c, $tube->joint);
                }
            }
        }

        return self::nearestFirst($all);
    }

    /**
     * @param list<RatedPeak> $rated those with mains
     *
     * @return list<RatedPeak> the same without mains
     */
    public static function offMains(HighestPressure $highest, array $rated): array
    {
        [$parts, $pipes] = $highest->offMains;
        $all = [];
        foreach ($rated as $one) {
            $peak = $one->subject instanceof PlannedPart ? $parts[$one->subject->id] ?? null : $pipes[$one->subject->index] ?? null;
            if (null !== $peak) {
                $all[] = new RatedPeak($one->subject, $peak, $one->ratingKpa, $one->c, $one->joint);
            }
        }

        return self::nearestFirst($all);
    }

    /**
     * @param list<RatedPeak> $all
     *
     * @return list<RatedPeak>
     */
    private static function nearestFirst(array $all): array
    {
        $shares = array_map(static fn (RatedPeak $one): float => $one->share(), $all);
        arsort($shares);

        return array_map(static fn (int $index): RatedPeak => $all[$index], array_keys($shares));
    }
}
