<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Mode\Way;

/**
 * Water hammer: what shutting an outlet at once adds, ρ·Δv·min(a, 2L/t).
 *
 * The wave runs back through both sides of a mixer to the next vessel or tank. On its way it enters every branch, but passes no part against its
 * arrow, so that it stays out of the suction side of a pump. Source: Joukowsky (1898); Michaud.
 */
final class Shocks
{
    public const SHUT_S = 0.1;

    /**
     * @param list<SolvedLine> $alone each outlet run by itself
     * @param list<Way> $ways that are open meanwhile
     *
     * @return array<string, float> kPa by node
     */
    public static function of(LineGraph $graph, array $alone, array $ways): array
    {
        if ([] === $alone) {
            return [];
        }
        $onward = [];
        foreach ($ways as $way) {
            foreach ($way->both ? [[$way->from, $way->to], [$way->to, $way->from]] : [[$way->from, $way->to]] as [$from, $to]) {
                $onward[$from][] = $to;
            }
        }
        $soft = self::soft($graph);
        $shocks = [];
        foreach ($alone as $solved) {
            foreach ($solved->outlets as $outlet) {
                foreach ($outlet->part->kind->ports() as $port) {
                    $pipe = $graph->pipeAt($outlet->part, $port);
                    if (null !== $pipe) {
                        $own = self::entering(self::back(WaterPath::through($pipe, $solved, $graph), $solved), $onward, $soft);
                        foreach ($own as $node => $kpa) {
                            $shocks[$node] = max($shocks[$node] ?? 0.0, $kpa);
                        }
                    }
                }
            }
        }

        return $shocks;
    }

    /** @return array<string, float> kPa by node along the way back, as far as the next vessel, tank or part with an arrow */
    private static function back(WaterPath $path, SolvedLine $solved): array
    {
        $delayedKpa = 0.0;
        $atOnce = [];
        $isPassed = true;
        foreach (array_reverse($path->pipes) as $pipe) {
            $mps = $pipe->velocityMps($solved->lpm($pipe));
            $delayedKpa += 2 * $pipe->lengthM * $mps / self::SHUT_S;
            [$near, $far] = $solved->lpm($pipe) >= 0 ? [$pipe->to, $pipe->from] : [$pipe->from, $pipe->to];
            if ($isPassed) {
                $kpa = $pipe->pipe->tube->waveMps * $mps;
                foreach ([$near, $far] as $end) {
                    $atOnce[$end->node] = max($atOnce[$end->node] ?? 0.0, $kpa);
                }
            }
            if (self::isSoft($near) || self::isSoft($far)) {
                break;
            }
            // It is reflected by the source all the same, but nothing is felt beyond the arrow.
            $isPassed = $isPassed && !($far->owner instanceof PlannedPart && $far->owner->kind->isOneWay());
        }

        // ρ is one kilogram a litre: m²/s² are kPa.
        return array_map(static fn (float $kpa): float => min($kpa, $delayedKpa), $atOnce);
    }

    /**
     * @param array<string, float> $shocks
     * @param array<string, list<string>> $onward to which nodes a wave runs from each
     * @param array<string, true> $soft nodes beyond which it does not run
     *
     * @return array<string, float> the same, in the branches too
     */
    private static function entering(array $shocks, array $onward, array $soft): array
    {
        arsort($shocks);
        $queue = array_keys($shocks);
        for ($number = 0; $number < \count($queue); ++$number) {
            $node = $queue[$number];
            foreach (isset($soft[$node]) ? [] : $onward[$node] ?? [] as $next) {
                if (!isset($shocks[$next])) {
                    $shocks[$next] = $shocks[$node];
                    $queue[] = $next;
                }
            }
        }

        return $shocks;
    }

    /** @return array<string, true> the nodes of vessels and tanks */
    private static function soft(LineGraph $graph): array
    {
        $soft = [];
        foreach ($graph->pipes as $pipe) {
            foreach ([$pipe->from, $pipe->to] as $end) {
                if (self::isSoft($end)) {
                    $soft[$end->node] = true;
                }
            }
        }

        return $soft;
    }

    private static function isSoft(LineEnd $end): bool
    {
        return $end->owner instanceof PlannedTank || PartKind::Accumulator === $end->owner->kind;
    }
}
