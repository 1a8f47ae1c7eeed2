<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Pipe\Water;

/** A line as the solver takes it: nodes by number, heads in kPa over the height of nothing, and what can flow at all. */
final readonly class LineNetwork
{
    /** @var list<string> the ids of the nodes */
    public array $ids;
    /** @var list<float> what a pressure of nothing is there, by the node's height, in kPa */
    public array $ground;
    /** @var array<int, float> the heads of nodes that have a source */
    public array $fixed;
    /** @var list<array{LineLink, int, int}> every link with its ends */
    public array $links;
    /** @var list<array{LineOutlet, int}> every outlet with its node */
    public array $outlets;

    public function __construct(LineInput $line)
    {
        $this->ids = array_map(strval(...), array_keys($line->nodes));
        $numbers = array_flip($this->ids);
        $perM = Water::density($line->waterC) * Water::GRAVITY / 1000;
        $this->ground = array_map(static fn (float $zM): float => $perM * $zM, array_values($line->nodes));
        $fixed = [];
        foreach ($line->sources as $source) {
            $node = $numbers[$source->node];
            $fixed[$node] = null === $source->levelM ? ($source->pressureKpa ?? 0.0) + $this->ground[$node] : $perM * $source->levelM;
        }
        $this->fixed = $fixed;
        $this->links = array_map(static fn (LineLink $link): array => [$link, $numbers[$link->ends()->from], $numbers[$link->ends()->to]], $line->links);
        $this->outlets = array_map(static fn (LineOutlet $outlet): array => [$outlet, $numbers[$outlet->node]], $line->outlets);
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
        $fromSource = $this->reached(array_keys($this->fixed), true);
        $toSink = $this->reached(array_keys($sinks), false);
        $live = [];
        $degree = array_fill(0, \count($this->ids), 0);
        foreach ($this->links as $number => [$link, $from, $to]) {
            if (!$link->isShut() && (isset($fromSource[$from], $toSink[$to]) || (!$link->isForwardOnly() && isset($fromSource[$to], $toSink[$from])))) {
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
     * @param list<int> $nodes
     *
     * @return array<int, true> the nodes to which water can come from those, or from which it can come to them
     */
    private function reached(array $nodes, bool $forward): array
    {
        $next = [];
        foreach ($this->links as [$link, $from, $to]) {
            if ($link->isShut()) {
                continue;
            }
            [$near, $far] = $forward ? [$from, $to] : [$to, $from];
            $next[$near][] = $far;
            if (!$link->isForwardOnly()) {
                $next[$far][] = $near;
            }
        }
        $reached = array_fill_keys($nodes, true);
        while ([] !== $nodes) {
            foreach ($next[array_pop($nodes)] ?? [] as $node) {
                if (!isset($reached[$node])) {
                    $reached[$node] = true;
                    $nodes[] = $node;
                }
            }
        }

        return $reached;
    }
}
