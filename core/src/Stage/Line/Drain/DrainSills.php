<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drain;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Mode\OpenWays;
use YardCask\Core\Stage\Line\Mode\Way;
use YardCask\Core\Stage\Line\Shared\HeldWater;

/**
 * How high water can stand at each place of a line while every valve, drain and tap is open and the tanks are empty.
 *
 * Water leaves by the way on which its highest point is lowest; up to that point, the sill, it stays. Parts with an arrow are passed along it only.
 * Source: communicating vessels; the lowest sill over all ways is the widest-path problem, solved as by Dijkstra.
 */
final readonly class DrainSills
{
    /** @param array<string, float> $sillM above the ground or the keel, by node; none where nothing leads out */
    private function __construct(private array $sillM)
    {
    }

    public static function of(LineGraph $graph): self
    {
        $sills = self::openings($graph);
        $ways = self::byTheirEnd($graph);
        /** @var \SplPriorityQueue<float, array{string, float}> $queue */
        $queue = new \SplPriorityQueue();
        foreach ($sills as $node => $sillM) {
            $queue->insert([$node, $sillM], -$sillM);
        }
        while (!$queue->isEmpty()) {
            /** @var array{string, float} $least */
            $least = $queue->extract();
            [$node, $sillM] = $least;
            foreach ($sillM > $sills[$node] ? [] : $ways[$node] ?? [] as [$from, $overM]) {
                if (max($sillM, $overM) < ($sills[$from] ?? \INF)) {
                    $sills[$from] = max($sillM, $overM);
                    $queue->insert([$from, $sills[$from]], -$sills[$from]);
                }
            }
        }

        return new self($sills);
    }

    /** In m; infinite where water cannot leave at all. */
    public function at(LineEnd $end): float
    {
        return $this->sillM[$end->node] ?? \INF;
    }

    /**
     * How high water stands where it runs out: at drains, at open taps and loose ends, at unscrewed bowls, at the ports of tanks. What is lifted
     * out lets everything out, and so does a pump that a hand works until it draws air.
     *
     * @return array<string, float>
     */
    private static function openings(LineGraph $graph): array
    {
        $openings = [];
        foreach ($graph->plan->line->parts as $part) {
            $isOpen = ($part->kind->isOutlet() && PartKind::Washer !== $part->kind)
                || HandWork::Unscrew === HandWork::on($part)
                || \in_array($part->kind, [PartKind::FreeEnd, PartKind::FillInlet, PartKind::WallVent, PartKind::DrainValve], true);
            foreach ($isOpen ? $part->kind->ports() : [] as $port) {
                $openings[(new LineEnd($part, $port))->node] = $part->zM;
            }
            if ($part->kind->isByHand()) {
                $openings[$part->port(PartPort::Out)] = -\INF;
            }
            if (PartKind::SubmersiblePump === $part->kind) {
                $openings[$part->port(PartPort::In)] = -\INF;
            }
        }
        foreach ([...$graph->draws(), ...$graph->fills()] as $end) {
            $openings[$end->node] = self::isLifted($end) ? -\INF : $end->zM();
        }

        return $openings;
    }

    /** Whether a hose is lifted out there, to hang down from its other end. */
    public static function isLifted(LineEnd $end): bool
    {
        return $end->owner instanceof PlannedTank && TankMounting::Fixed !== $end->owner->form;
    }

    /** @return array<string, list<array{string, float}>> by the node to which a way leads: from where, and over what height in m */
    private static function byTheirEnd(LineGraph $graph): array
    {
        $ways = [];
        foreach (OpenWays::of($graph)->all as $way) {
            $overM = null === $way->pipe ? $way->part->zM ?? 0.0 : self::overM($graph->pipes[$way->pipe]);
            $isBoth = $way->both || PartKind::SubmersiblePump === $way->part?->kind;
            // Into a heater’s hot port it falls to the bottom; out of it it has to rise to the top.
            $riseM = null === $way->part ? 0.0 : HeldWater::heaterHeightM($way->part);
            $isTurned = $way->part->reversed ?? false;
            $ways[$way->to][] = [$way->from, $overM + ($isTurned ? 0.0 : $riseM)];
            if ($isBoth) {
                $ways[$way->from][] = [$way->to, $overM + ($isTurned ? $riseM : 0.0)];
            }
        }

        return $ways;
    }

    private static function overM(LinePipe $pipe): float
    {
        return match (true) {
            self::isLifted($pipe->from) => $pipe->to->zM(),
            self::isLifted($pipe->to) => $pipe->from->zM(),
            default => $pipe->highestM(),
        };
    }
}
