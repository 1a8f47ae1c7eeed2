<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Pipe\Water;

/** A line as the solver takes it: nodes by number, heads in kPa over the height of nothing, and what can flow at all. */
final class LineNetwork
{
    /** @var list<string> the ids of the nodes */
    public readonly array $ids;
    /** @var list<float> what a pressure of nothing is there, by the node's height, in kPa */
    public readonly array $ground;
    /** @var array<int, float> the heads of nodes that have a source */
    public readonly array $fixed;
    /** @var list<array{LineLink, int, int, bool, string}> every link with its ends, whether it lets nothing back, and its id */
    public readonly array $links;
    /** @var list<array{LineOutlet, int}> every outlet with its node */
    public array $outlets;
    /** @var array<int, list<array{int, int}>> by node: the links by which water can leave it, and where each leads */
    public readonly array $leaving;
    /** @var array<int, list<array{int, int}>> by node: the links by which water can come to it, and from where */
    private readonly array $coming;
    /** @var array<int, true> the nodes to which water can come from a source */
    private readonly array $fed;

    public function __construct(LineInput $line)
    {
        $this->ids = array_map(strval(...), array_keys($line->nodes));
        $numbers = array_flip($this->ids);
        $perM = Water::density($line->waterC) * Water::GRAVITY / 1000;
        $this->ground = array_map(static fn (float $zM): float => $perM * $zM, array_values($line->nodes));
        $fixed = $links = $leaving = $coming = [];
        foreach ($line->sources as $source) {
            $node = $numbers[$source->node];
            $fixed[$node] = null === $source->levelM ? ($source->pressureKpa ?? 0.0) + $this->ground[$node] : $perM * $source->levelM;
        }
        foreach ($line->links as $number => $link) {
            $ends = $link->ends();
            [$from, $to, $isForwardOnly] = [$numbers[$ends->from], $numbers[$ends->to], $link->isForwardOnly()];
            $links[] = [$link, $from, $to, $isForwardOnly, $ends->id];
            if (!$link->isShut()) {
                $leaving[$from][] = [$number, $to];
                $coming[$to][] = [$number, $from];
                if (!$isForwardOnly) {
                    $leaving[$to][] = [$number, $from];
                    $coming[$from][] = [$number, $to];
                }
            }
        }
        [$this->fixed, $this->links, $this->leaving, $this->coming] = [$fixed, $links, $leaving, $coming];
        $this->outlets = array_map(static fn (LineOutlet $outlet): array => [$outlet, $numbers[$outlet->node]], $line->outlets);
        $this->fed = self::reached(array_keys($fixed), $leaving);
    }

    /** @param list<LineOutlet> $outlets the same ones in the same order, opened otherwise */
    public function opened(array $outlets): self
    {
        $other = clone $this;
        foreach ($outlets as $number => $outlet) {
            $other->outlets[$number][0] = $outlet;
        }

        return $other;
    }

    /**
     * The links through which something can flow: from a source to an open outlet or another source. What hangs on one end alone
     * stands still.
     *
     * @return array<int, true> by the link's number
     */
    public function live(): array
    {
        $sinks = array_fill_keys(array_keys($this->fixed), true);
        foreach ($this->outlets as [$outlet, $node]) {
            if ($outlet->open > 0) {
                $sinks[$node] = true;
            }
        }
        $toSink = self::reached(array_keys($sinks), $this->coming);
        $live = [];
        $degree = array_fill(0, \count($this->ids), 0);
        foreach ($this->links as $number => [$link, $from, $to, $isForwardOnly]) {
            if ((isset($this->fed[$from], $toSink[$to]) || (!$isForwardOnly && isset($this->fed[$to], $toSink[$from]))) && !$link->isShut()) {
                $live[$number] = true;
                ++$degree[$from];
                ++$degree[$to];
            }
        }
        do {
            $pruned = false;
            foreach ($live as $number => $_) {
                [, $from, $to] = $this->links[$number];
                if ((1 === $degree[$from] && !isset($sinks[$from])) || (1 === $degree[$to] && !isset($sinks[$to]))) {
                    unset($live[$number]);
                    --$degree[$from];
                    --$degree[$to];
                    $pruned = true;
                }
            }
        } while ($pruned);

        return $live;
    }

    /**
     * How it differs from another network, which may be solved already.
     *
     * @return array<int, true>|null the pipes and parts that take more or less than there, by the link's number; null where it has other
     *                               nodes, sources or ways, or other pumps or regulators
     */
    public function changedFrom(self $other): ?array
    {
        if ($this->ids !== $other->ids || $this->ground !== $other->ground || $this->fixed !== $other->fixed || $this->leaving !== $other->leaving) {
            return null;
        }
        $changed = [];
        foreach ($this->links as $number => [$link, $from, $to, , $id]) {
            [$before, $fromBefore, $toBefore, , $idBefore] = $other->links[$number];
            $isAlike = $link::class === $before::class && [$id, $from, $to] === [$idBefore, $fromBefore, $toBefore];
            if ($isAlike && $link->figures() === $before->figures()) {
                continue;
            }
            if (!$isAlike || $link instanceof PumpLink || $link instanceof RegulatorLink) {
                return null;
            }
            $changed[$number] = true;
        }

        return $changed;
    }

    /**
     * @param list<int> $nodes
     * @param array<int, list<array{int, int}>> $next by node: the links on from it, and where each leads
     *
     * @return array<int, true> these nodes and all that are come to from them
     */
    private static function reached(array $nodes, array $next): array
    {
        $reached = array_fill_keys($nodes, true);
        while ([] !== $nodes) {
            foreach ($next[array_pop($nodes)] ?? [] as [, $node]) {
                if (!isset($reached[$node])) {
                    $reached[$node] = true;
                    $nodes[] = $node;
                }
            }
        }

        return $reached;
    }
}
