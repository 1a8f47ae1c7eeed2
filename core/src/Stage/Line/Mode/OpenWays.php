<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** The connections of a line that are open to water and air, and what they lead to. */
final readonly class OpenWays
{
    public const OUTSIDE = '~outside';

    /**
     * @param array<string, non-empty-list<Position>> $turning what turns, by id
     * @param list<Way> $all
     * @param array<string, list<Way>> $at the ways at each node
     */
    private function __construct(
        public array $turning,
        public array $all,
        private array $at,
    ) {
    }

    public static function of(LineGraph $graph): self
    {
        return self::over($graph, static fn (PlannedPart $part): bool => $part->reversed);
    }

    /** As if every part with an arrow were fitted along the water. */
    public static function rightWayRound(LineGraph $graph): self
    {
        return self::over($graph, static fn (PlannedPart $part): bool => false);
    }

    /** @param \Closure(PlannedPart): bool $isReversed */
    private static function over(LineGraph $graph, \Closure $isReversed): self
    {
        $turning = $ways = [];
        foreach ($graph->pipes as $index => $pipe) {
            $ways[] = new Way($pipe->from->node, $pipe->to->node, true, $index);
        }
        foreach ($graph->plan->line->parts as $part) {
            $positions = Position::of($part->kind);
            if ([] !== $positions) {
                $turning[$part->id] = $positions;
            }
            array_push($ways, ...self::through($part, $isReversed($part)));
        }
        $at = [];
        foreach ($ways as $way) {
            $at[$way->from][] = $way;
            $at[$way->to][] = $way;
        }

        return new self($turning, $ways, $at);
    }

    /** @return list<Way> */
    private static function through(PlannedPart $part, bool $isReversed): array
    {
        $way = static fn (PartPort $from, PartPort $to, bool $both, ?Position $needs = null): Way => new Way(
            $part->port($from),
            $part->port($to),
            $both,
            null,
            $part,
            $needs,
        );

        return match (true) {
            PartKind::ThreeWayValve === $part->kind => [
                $way(PartPort::Common, PartPort::Left, true, Position::Left),
                $way(PartPort::Common, PartPort::Right, true, Position::Right),
            ],
            PartKind::MixingValve === $part->kind => [$way(PartPort::Hot, PartPort::Out, false), $way(PartPort::Cold, PartPort::Out, false)],
            PartKind::DrainValve === $part->kind => [new Way($part->id, self::OUTSIDE, false, null, $part, Position::Open)],
            $part->kind->isPoint() || !$part->kind->isInPath() => [],
            $part->kind->isOneWay() => [$isReversed ? $way(PartPort::Out, PartPort::In, false) : $way(PartPort::In, PartPort::Out, false)],
            default => [$way(PartPort::In, PartPort::Out, true, PartKind::ShutOff === $part->kind ? Position::Open : null)],
        };
    }

    /**
     * With the valves as they are turned.
     *
     * @param list<string> $nodes where water is let in
     * @param array<string, Position> $positions
     * @param \Closure(PlannedPart): bool $runs which pumps do
     *
     * @return array{array<string, true>, array<int, true>} nodes to which water comes, and the pipes on the way
     */
    public function reached(array $nodes, array $positions, \Closure $runs): array
    {
        return $this->walked(
            $nodes,
            static fn (Way $way, string $node): ?string => $way->isOpen($positions) && (true !== $way->part?->kind->isPump() || $runs($way->part))
                ? $way->beyond($node)
                : null,
        );
    }

    /**
     * With the valves as they are turned, backwards through pumps too.
     *
     * @param list<string> $nodes where water is let in
     * @param array<string, Position> $positions
     *
     * @return array<string, true> nodes to which pressure comes
     */
    public function pressedOn(array $nodes, array $positions): array
    {
        return $this->walked($nodes, static fn (Way $way, string $node): ?string => $way->isOpen($positions)
            ? $way->beyond($node) ?? (true === $way->part?->kind->isPump() ? $way->before($node) ?? $way->from : null)
            : null)[0];
    }

    /**
     * However the valves are turned, and with every pump running.
     *
     * @param list<string> $nodes where water is let in
     *
     * @return array<string, true> nodes to which water can come
     */
    public function reachable(array $nodes): array
    {
        return $this->walked($nodes, static fn (Way $way, string $node): ?string => $way->beyond($node))[0];
    }

    /**
     * However the valves are turned, by gravity alone.
     *
     * @param list<string> $nodes where water is let in
     *
     * @return array<string, true> nodes to which water can come
     */
    public function reachableUnpumped(array $nodes): array
    {
        return $this->walked($nodes, static fn (Way $way, string $node): ?string => true === $way->part?->kind->isPump() ? null : $way->beyond($node))[0];
    }

    /**
     * Everything from which water can run out of an open drain: backwards from outside.
     *
     * @param array<string, Position> $positions
     *
     * @return array<int, true> the pipes that run empty
     */
    public function drained(array $positions): array
    {
        return $this->walked([self::OUTSIDE], static fn (Way $way, string $node): ?string => $way->isOpen($positions) ? $way->before($node) : null)[1];
    }

    /**
     * @param list<string> $nodes
     * @param \Closure(Way, string): ?string $next where a way leads from a node, null where it does not
     *
     * @return array{array<string, true>, array<int, true>} nodes that are come to, and the pipes on the way
     */
    private function walked(array $nodes, \Closure $next): array
    {
        $reached = array_fill_keys($nodes, true);
        $pipes = [];
        $queue = $nodes;
        for ($number = 0; $number < \count($queue); ++$number) {
            $node = $queue[$number];
            foreach ($this->at[$node] ?? [] as $way) {
                $beyond = $next($way, $node);
                if (null === $beyond) {
                    continue;
                }
                if (null !== $way->pipe) {
                    $pipes[$way->pipe] = true;
                }
                if (!isset($reached[$beyond])) {
                    $reached[$beyond] = true;
                    $queue[] = $beyond;
                }
            }
        }

        return [$reached, $pipes];
    }
}
