<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** What water must and must not reach in each mode, and whether it does for given valve positions. */
final readonly class ModeWays
{
    private function __construct(
        private LineGraph $graph,
        public OpenWays $open,
    ) {
    }

    public static function of(LineGraph $graph): self
    {
        return new self($graph, OpenWays::of($graph));
    }

    /** Whether a line has what a mode needs. */
    public function has(LineMode $mode): bool
    {
        $parts = fn (PartKind ...$kinds): bool => [] !== $this->graph->parts(...$kinds);

        return match ($mode) {
            LineMode::Use, LineMode::Sanitise => [] !== $this->graph->draws() && [] !== $this->graph->outlets,
            LineMode::Fill => $parts(PartKind::FillInlet),
            LineMode::MainsUse => $parts(PartKind::MainsInlet) && [] !== $this->reachable(LineMode::MainsUse, $this->outletNodes()),
            LineMode::MainsFill => $parts(PartKind::MainsInlet) && [] !== $this->reachable(LineMode::MainsFill, self::nodes($this->graph->fills())),
            LineMode::Drain => $parts(PartKind::DrainValve),
            LineMode::BlowOut => $parts(PartKind::BlowOutPort),
            LineMode::Transfer => $this->transfers(),
            LineMode::Off => [] !== array_filter($this->graph->pumps, static fn (PlannedPart $pump): bool => !$pump->kind->isByHand()),
        };
    }

    /** @param array<string, Position> $positions */
    public function tried(LineMode $mode, array $positions): FoundMode
    {
        if (LineMode::Drain === $mode) {
            $opened = array_map(static fn (Position $position): Position => Position::Shut === $position ? Position::Open : $position, $positions);

            return new FoundMode($mode, $opened, [], $this->open->drained($opened));
        }
        if (LineMode::BlowOut === $mode) {
            $positions = array_fill_keys(array_column($this->graph->parts(PartKind::BlowOutPort), 'id'), Position::Open) + $positions;
        }
        [$reached, $pipes] = $this->open->reached($this->beginnings($mode), $positions, fn (PlannedPart $pump): bool => $this->runs($pump, $mode));
        $troubles = [
            ModeTrouble::NoWay->value => array_values(array_diff_key($this->goals($mode), $reached)),
            ModeTrouble::OutByWall->value => $this->walls($mode, $reached),
            ...$this->specialTroubles($mode, $reached),
        ];
        $troubles = array_map(static fn (array $ids): array => array_values(array_unique($ids)), array_filter($troubles));

        return new FoundMode($mode, $positions, $troubles, $pipes);
    }

    /**
     * What is pressed on where no pump's own valves and no shut-off valve are relied on.
     *
     * @param array<string, Position> $positions
     *
     * @return array<string, true> by node
     */
    public function pressedOn(LineMode $mode, array $positions): array
    {
        return $this->open->pressedOn($this->beginnings($mode), array_filter($positions, static fn (Position $one): bool => Position::Shut !== $one));
    }

    /** Whether a pump runs in a mode, or lets water through at rest. A pump that only fills a tank is off while water is used. */
    public function runs(PlannedPart $pump, LineMode $mode): bool
    {
        return match ($mode) {
            LineMode::Off => false,
            LineMode::Use => !$this->onlyFills($pump),
            LineMode::Sanitise => !$this->onlyFills($pump) && $this->isDosed($pump),
            default => true,
        };
    }

    /** Whether it draws what is dosed. */
    private function isDosed(PlannedPart $pump): bool
    {
        $inlet = $pump->port($pump->entersAt());

        return isset($this->open->reachable(self::nodes($this->sanitised()))[$inlet]) || null === $this->graph->pipeAt($pump, PartPort::In);
    }

    /** Whether water can be moved from one tank to another. */
    private function transfers(): bool
    {
        foreach ($this->graph->draws() as $draw) {
            $reached = $this->open->reachable([$draw->node]);
            foreach ($this->graph->fills() as $fill) {
                if ($fill->owner->id !== $draw->owner->id && isset($reached[$fill->node])) {
                    return true;
                }
            }
        }

        return false;
    }

    private function onlyFills(PlannedPart $pump): bool
    {
        return [] === $this->outletsBehind($pump) && [] !== array_intersect(self::nodes($this->graph->fills()), array_keys($this->behind($pump)));
    }

    /** @return list<string> the ids of the outlets that a pump can supply with some position of the valves */
    public function outletsBehind(PlannedPart $pump): array
    {
        return array_values(array_unique(array_intersect_key($this->outletNodes(), $this->behind($pump))));
    }

    /** @return array<string, true> the nodes to which a pump can bring water */
    private function behind(PlannedPart $pump): array
    {
        return $this->open->reachable([$pump->port($pump->leavesAt())]);
    }

    /**
     * What must not be reached in one mode and may be in another.
     *
     * @param array<string, true> $reached
     *
     * @return array<string, list<string>> ids of the parts, by the trouble's value
     */
    private function specialTroubles(LineMode $mode, array $reached): array
    {
        $tanks = [...$this->graph->draws(), ...$this->graph->fills()];

        return match ($mode) {
            LineMode::Use, LineMode::Off => [
                ModeTrouble::BackIntoTank->value => self::hit($this->graph->fills(), $reached),
                ModeTrouble::RunsOut->value => $this->freeEnds($reached),
            ],
            LineMode::Fill => [ModeTrouble::FillToOutlet->value => array_values(array_intersect_key($this->outletNodes(), $reached))],
            LineMode::MainsUse => [ModeTrouble::MainsToTank->value => self::hit($tanks, $reached)],
            LineMode::MainsFill => [ModeTrouble::MainsToTank->value => self::hit($this->graph->draws(), $reached)],
            LineMode::BlowOut => [
                ModeTrouble::AirToTank->value => self::hit($tanks, $reached),
                ModeTrouble::AirThroughFilter->value => $this->filtersIn($reached),
            ],
            LineMode::Sanitise => [
                ModeTrouble::DosesDrinking->value => self::hit(
                    array_values(array_filter($this->graph->draws(), fn (LineEnd $end): bool => !\in_array($end, $this->sanitised(), true))),
                    $reached,
                ),
            ],
            default => [],
        };
    }

    /**
     * @param list<LineEnd> $ends
     * @param array<string, true> $reached
     *
     * @return list<string> the ids of the tanks among them that are reached
     */
    private static function hit(array $ends, array $reached): array
    {
        $ids = [];
        foreach ($ends as $end) {
            if (isset($reached[$end->node])) {
                $ids[] = $end->owner->id;
            }
        }

        return $ids;
    }

    /**
     * @param array<string, true> $reached
     *
     * @return list<string>
     */
    private function freeEnds(array $reached): array
    {
        return array_column(
            array_filter($this->graph->parts(PartKind::FreeEnd), static fn (PlannedPart $part): bool => isset($reached[$part->port(PartPort::In)])),
            'id',
        );
    }

    /** @return list<string> the nodes from which a mode begins */
    private function beginnings(LineMode $mode): array
    {
        $inlets = fn (PartKind $kind): array => array_map(static fn (PlannedPart $part): string => $part->port(PartPort::Out), $this->graph->parts($kind));

        return match ($mode) {
            LineMode::Fill => $inlets(PartKind::FillInlet),
            LineMode::MainsUse, LineMode::MainsFill => $inlets(PartKind::MainsInlet),
            LineMode::BlowOut => array_column($this->graph->parts(PartKind::BlowOutPort), 'id'),
            LineMode::Sanitise => self::nodes($this->sanitised()),
            default => self::nodes($this->graph->draws()),
        };
    }

    /** @return list<LineEnd> the tank outlets to sanitise: those for drinking water only if there are no others */
    private function sanitised(): array
    {
        $other = array_values(
            array_filter(
                $this->graph->draws(),
                static fn (LineEnd $end): bool => $end->owner instanceof PlannedTank && WaterKind::Drinking !== $end->owner->holds,
            ),
        );

        return [] === $other ? $this->graph->draws() : $other;
    }

    /** @return array<string, string> what has to be reached: the ids by their nodes */
    private function goals(LineMode $mode): array
    {
        return match ($mode) {
            LineMode::Use => $this->outletNodes(),
            LineMode::Sanitise => $this->reachable($mode, $this->outletNodes()),
            LineMode::Fill => [] === $this->graph->fills()
                ? [OpenWays::OUTSIDE.'-none' => '']
                : $this->reachable($mode, self::nodes($this->graph->fills())),
            LineMode::MainsUse, LineMode::BlowOut => $this->reachable($mode, $this->outletNodes()),
            LineMode::MainsFill, LineMode::Transfer => $this->reachable($mode, self::nodes($this->graph->fills())),
            default => [],
        };
    }

    /**
     * @param array<array-key, string> $goals ids by their nodes, or nodes
     *
     * @return array<string, string> of these what can be reached with every valve open both ways
     */
    private function reachable(LineMode $mode, array $goals): array
    {
        $reached = $this->open->reachable($this->beginnings($mode));
        $byNode = array_is_list($goals) ? array_combine($goals, array_map(static fn (string $node): string => (string) strtok($node, '.'), $goals)) : $goals;

        return array_intersect_key($byNode, $reached);
    }

    /** @return array<string, string> the outlets' ids by their nodes; a mixer by both */
    private function outletNodes(): array
    {
        $nodes = [];
        foreach ($this->graph->outlets as $part) {
            foreach ($part->kind->ports() as $port) {
                if (null !== $this->graph->pipeAt($part, $port)) {
                    $nodes[$part->port($port)] = $part->id;
                }
            }
        }

        return $nodes;
    }

    /**
     * @param array<string, true> $reached
     *
     * @return list<string> inlets in the wall out of which water would come
     */
    private function walls(LineMode $mode, array $reached): array
    {
        $kinds = match ($mode) {
            LineMode::Fill => [PartKind::MainsInlet],
            LineMode::MainsUse, LineMode::MainsFill => [PartKind::FillInlet],
            LineMode::BlowOut => [],
            default => [PartKind::MainsInlet, PartKind::FillInlet],
        };
        $ids = array_column(
            array_filter(
                [] === $kinds ? [] : $this->graph->parts(...$kinds),
                static fn (PlannedPart $part): bool => isset($reached[$part->port(PartPort::Out)]),
            ),
            'id',
        );

        return isset($reached[OpenWays::OUTSIDE]) ? [...$ids, 'drain'] : $ids;
    }

    /**
     * @param array<string, true> $reached
     *
     * @return list<string>
     */
    private function filtersIn(array $reached): array
    {
        return array_column(
            array_filter(
                $this->graph->parts(PartKind::Filter),
                static fn (PlannedPart $part): bool => isset($reached[$part->port(PartPort::In)], $reached[$part->port(PartPort::Out)]),
            ),
            'id',
        );
    }

    /**
     * @param list<LineEnd> $ends
     *
     * @return list<string>
     */
    private static function nodes(array $ends): array
    {
        return array_map(static fn (LineEnd $end): string => $end->node, $ends);
    }
}
