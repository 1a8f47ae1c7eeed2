<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;

/**
 * What stays in a drained line, worked out the slow way: the pipes are cut into short pieces, all of them full at first, and the level in each is
 * lowered to that over which its neighbours let it run, again and again until nothing changes.
 */
final class LeftInPieces
{
    private const PIECES = 240;

    /** In L, without what a hand takes out. */
    public static function litres(Plan $plan): float
    {
        $graph = LineGraph::of($plan);
        $heights = $levels = $runs = $pieces = [];
        foreach ($graph->pipes as $index => $pipe) {
            foreach ([[$pipe->from, $pipe->to], [$pipe->to, $pipe->from]] as [$end, $other]) {
                if ($end->owner instanceof PlannedTank && TankMounting::Fixed !== $end->owner->form) {
                    // Lifted out, the hose hangs from its other end.
                    [$heights[$other->node], $levels[$other->node]] = [$other->zM(), $other->zM()];
                    continue 2;
                }
            }
            $before = $pipe->from->node;
            foreach (self::cut($pipe) as $number => $heightM) {
                $piece = $index.'/'.$number;
                $heights[$piece] = $heightM;
                $pieces[$piece] = $pipe->litres() / self::PIECES;
                array_push($runs, [$before, $piece], [$piece, $before]);
                $before = $piece;
            }
            array_push($runs, [$before, $pipe->to->node], [$pipe->to->node, $before]);
            foreach ([$pipe->from, $pipe->to] as $end) {
                $heights[$end->node] = $end->zM();
                if (!$end->owner instanceof PlannedPart) {
                    $levels[$end->node] = $end->zM();
                }
            }
        }
        $heaters = [];
        foreach ($plan->line->parts as $part) {
            array_push($runs, ...self::through($part));
            foreach (self::isOpen($part) ? $part->kind->ports() : [] as $port) {
                $node = $part->kind->isPoint() ? $part->id : $part->port($port);
                [$heights[$node], $levels[$node]] = [$part->zM, $part->zM];
            }
            if ($part->kind->isByHand()) {
                $levels[$part->id.'.out'] = -\INF;
            }
            if (PartKind::StorageHeater === $part->kind || PartKind::Exchanger === $part->kind) {
                $heaters[] = $part;
                $top = $part->id.'.top';
                $heights[$top] = $part->zM + self::highM($part);
                array_push($runs, [$part->id.'.in', $top], [$top, $part->id.'.out'], [$part->id.'.out', $part->id.'.in']);
            }
        }
        $levels = self::settled($levels, $heights, $runs);
        $litres = 0.0;
        foreach ($pieces as $piece => $one) {
            $litres += ($levels[$piece] ?? \INF) > $heights[$piece] + 1e-9 ? $one : 0.0;
        }
        foreach ($heaters as $part) {
            $stands = ($levels[$part->id.'.in'] ?? \INF) - $part->zM;
            $holds = max(0.3, $part->figures->litres);
            $litres += $stands <= 1e-9 ? 0.0 : $holds * (self::highM($part) > 0 ? min(1.0, $stands / self::highM($part)) : 1.0);
        }

        return $litres;
    }

    /**
     * @param array<string, float> $levels
     * @param array<string, float> $heights
     * @param list<array{string, string}> $runs from where water can run to where
     *
     * @return array<string, float>
     */
    private static function settled(array $levels, array $heights, array $runs): array
    {
        do {
            $moved = false;
            foreach ($runs as [$from, $to]) {
                $overM = max($levels[$to] ?? \INF, $heights[$from] ?? -\INF);
                if ($overM < ($levels[$from] ?? \INF) - 1e-12) {
                    $levels[$from] = $overM;
                    $moved = true;
                }
            }
            $runs = array_reverse($runs);
        } while ($moved);

        return $levels;
    }

    /** @return list<float> the height of the middle of each piece */
    private static function cut(LinePipe $pipe): array
    {
        $heights = $pipe->heightsM();
        $shares = $pipe->stretches();
        $cut = [];
        for ($number = 0; $number < self::PIECES; ++$number) {
            $at = ($number + 0.5) / self::PIECES;
            $index = 0;
            while ($index < \count($shares) - 1 && $at > $shares[$index]) {
                $at -= $shares[$index];
                ++$index;
            }
            $cut[] = $heights[$index] + ($shares[$index] > 0 ? $at / $shares[$index] : 0.0) * ($heights[$index + 1] - $heights[$index]);
        }

        return $cut;
    }

    private static function isOpen(PlannedPart $part): bool
    {
        return \in_array($part->kind, [
            PartKind::DrainValve, PartKind::Tap, PartKind::MixerTap, PartKind::Shower, PartKind::SwitchedTap, PartKind::OutsidePoint,
            PartKind::FillInlet, PartKind::FreeEnd, PartKind::Filter, PartKind::Strainer,
        ], true);
    }

    /** @return list<array{string, string}> */
    private static function through(PlannedPart $part): array
    {
        [$in, $out] = $part->reversed ? [$part->id.'.out', $part->id.'.in'] : [$part->id.'.in', $part->id.'.out'];

        return match (true) {
            PartKind::ThreeWayValve === $part->kind => [
                [$part->id.'.common', $part->id.'.left'], [$part->id.'.left', $part->id.'.common'],
                [$part->id.'.common', $part->id.'.right'], [$part->id.'.right', $part->id.'.common'],
            ],
            PartKind::MixingValve === $part->kind => [[$part->id.'.hot', $part->id.'.out'], [$part->id.'.cold', $part->id.'.out']],
            $part->kind->isPump(), PartKind::NonReturn === $part->kind, PartKind::Regulator === $part->kind => [[$in, $out]],
            PartKind::ShutOff === $part->kind, PartKind::UvLamp === $part->kind => [[$in, $out], [$out, $in]],
            default => [],
        };
    }

    private static function highM(PlannedPart $part): float
    {
        return ($part->figures->litres / 1000) ** (1 / 3);
    }
}
