<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** The ways that water can take through a network, however much pressure its links take. */
final readonly class LineWays
{
    /** @var list<string> the ids of the nodes */
    public array $ids;
    /** @var array<string, int> the number of each node, by its id */
    public array $numbers;
    /** @var list<array{int, int, bool, string}> the ends of each link, whether it lets nothing back, and its id */
    public array $ends;
    /** @var array<int, array{int, int, bool}> the same for the links that let anything through */
    public array $open;
    /** @var array<int, list<array{int, int}>> by node: the links by which water can leave it, and where each leads */
    public array $leaving;
    /** @var array<int, list<array{int, int}>> by node: the links by which water can come to it, and from where */
    private array $coming;
    /** @var array<int, true> the nodes to which water can come from a source */
    public array $fed;

    public function __construct(LineInput $line)
    {
        $ids = array_map(strval(...), array_keys($line->nodes));
        $numbers = array_flip($ids);
        $ends = $open = $leaving = $coming = $sources = [];
        foreach ($line->links as $number => $link) {
            $joins = $link->ends();
            [$from, $to, $isForwardOnly] = [$numbers[$joins->from], $numbers[$joins->to], $link->isForwardOnly()];
            $ends[] = [$from, $to, $isForwardOnly, $joins->id];
            if (!$link->isShut()) {
                $open[$number] = [$from, $to, $isForwardOnly];
                $leaving[$from][] = [$number, $to];
                $coming[$to][] = [$number, $from];
                if (!$isForwardOnly) {
                    $leaving[$to][] = [$number, $from];
                    $coming[$from][] = [$number, $to];
                }
            }
        }
        foreach ($line->sources as $source) {
            $sources[] = $numbers[$source->node];
        }
        [$this->ids, $this->numbers, $this->ends, $this->open, $this->leaving, $this->coming] = [$ids, $numbers, $ends, $open, $leaving, $coming];
        $this->fed = self::reached($sources, $leaving);
    }

    /**
     * @param list<int> $nodes
     *
     * @return array<int, true> these nodes and all from which water can come to one of them
     */
    public function leadingTo(array $nodes): array
    {
        return self::reached($nodes, $this->coming);
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
