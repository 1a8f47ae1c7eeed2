<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Pipe\Water;

/** A line as the solver takes it: nodes by number, heads in kPa over the height of nothing, and what can flow at all. */
final class LineNetwork
{
    public readonly LineWays $ways;
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

    /** @param LineWays|null $ways if known, those of a network with the same nodes, sources and links, however much pressure they take */
    public function __construct(LineInput $line, ?LineWays $ways = null)
    {
        $this->ways = $ways ?? new LineWays($line);
        $this->ids = $this->ways->ids;
        $perM = Water::density($line->waterC) * Water::GRAVITY / 1000;
        $ground = $fixed = $links = [];
        foreach ($line->nodes as $zM) {
            $ground[] = $perM * $zM;
        }
        foreach ($line->sources as $source) {
            $node = $this->ways->numbers[$source->node];
            $fixed[$node] = null === $source->levelM ? ($source->pressureKpa ?? 0.0) + $ground[$node] : $perM * $source->levelM;
        }
        foreach ($line->links as $number => $link) {
            [$from, $to, $isForwardOnly, $id] = $this->ways->ends[$number];
            $links[] = [$link, $from, $to, $isForwardOnly, $id];
        }
        [$this->ground, $this->fixed, $this->links] = [$ground, $fixed, $links];
        $this->outlets = array_map(fn (LineOutlet $outlet): array => [$outlet, $this->ways->numbers[$outlet->node]], $line->outlets);
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
        [$fed, $toSink] = [$this->ways->fed, $this->ways->leadingTo(array_keys($sinks))];
        $live = [];
        $degree = array_fill(0, \count($this->ids), 0);
        foreach ($this->ways->open as $number => [$from, $to, $isForwardOnly]) {
            if (isset($fed[$from], $toSink[$to]) || (!$isForwardOnly && isset($fed[$to], $toSink[$from]))) {
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
        if ($this->ids !== $other->ids || $this->ways->leaving !== $other->ways->leaving || [$this->ground, $this->fixed] !== [$other->ground, $other->fixed]) {
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
}
