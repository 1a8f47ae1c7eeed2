<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/**
 * Which adapters stand between two ends that do not meet: the cheapest chain, and the one with the fewest joints.
 *
 * The ends are the nodes of a graph and the adapters, either way round, its edges; a metal thread is not put into a plastic one. The
 * cheapest way to each end by so many adapters follows from the cheapest by one fewer. Source: Bellman, R. (1958), “On a routing problem”,
 * Quarterly of Applied Mathematics 16, 87–90.
 */
final class ChainSearch
{
    public const MOST = 4;

    /** @var list<array{Adapter, bool, string}> every adapter either way round, and the key of the end at which it comes out */
    private array $ways = [];
    /** @var array<string, list<int>> the ways that begin with an end, by its key */
    private array $beginning = [];
    /** @var array<string, PortEnd> by its key */
    private array $ends = [];
    /** @var array<string, list<int>> the ways that an end goes into tightly, by its key */
    private array $taken = [];
    /** @var array<string, bool> whether two ends are tight together, by their keys */
    private array $tight = [];

    /** @param list<Adapter> $adapters */
    public function __construct(
        array $adapters,
        private readonly bool $isUnderPressure = true,
    ) {
        foreach ($adapters as $one) {
            [$near, $far] = [$this->keyOf($one->near), $this->keyOf($one->far)];
            foreach ($near === $far ? [[$near, $far]] : [[$near, $far], [$far, $near]] as $turned => [$entry, $exit]) {
                $this->beginning[$entry][] = \count($this->ways);
                $this->ways[] = [$one, 1 === $turned, $exit];
            }
        }
    }

    /** The cheapest chain; of equal ones that with the fewest joints. Null where four adapters are not enough. */
    public function cheapest(PortEnd $a, PortEnd $b): ?AdapterChain
    {
        $best = null;
        foreach ($this->byNumber($a, $b) as $chain) {
            $best = null === $best || $chain->price < $best->price - 1e-9 ? $chain : $best;
        }

        return $best;
    }

    /** The chain with the fewest joints; of equal ones the cheapest. */
    public function fewest(PortEnd $a, PortEnd $b): ?AdapterChain
    {
        foreach ($this->byNumber($a, $b) as $chain) {
            return $chain;
        }

        return null;
    }

    /** @return iterable<AdapterChain> the cheapest of each number of adapters, from one to four, that joins them */
    private function byNumber(PortEnd $a, PortEnd $b): iterable
    {
        $last = $this->keyOf($b);
        /** @var array<string, array{float, list<int>}> $reached the cheapest price and the ways to it, by the key of the end that is reached */
        $reached = [$this->keyOf($a) => [0.0, []]];
        for ($number = 1; $number <= self::MOST; ++$number) {
            $next = [];
            foreach ($reached as $key => [$price, $path]) {
                foreach ($this->taken[$key] ??= $this->waysFrom($key) as $way) {
                    [$adapter, , $exit] = $this->ways[$way];
                    $sum = $price + $adapter->price;
                    if (!isset($next[$exit]) || $sum < $next[$exit][0] - 1e-9) {
                        $next[$exit] = [$sum, [...$path, $way]];
                    }
                }
            }
            $reached = $next;
            $best = null;
            foreach ($reached as $key => $way) {
                if ($this->isTight($key, $last) && (null === $best || $way[0] < $best[0] - 1e-9)) {
                    $best = $way;
                }
            }
            if (null !== $best) {
                yield new AdapterChain(array_map(fn (int $way): array => [$this->ways[$way][0], $this->ways[$way][1]], $best[1]), $best[0]);
            }
        }
    }

    /** @return list<int> */
    private function waysFrom(string $key): array
    {
        $ways = [];
        foreach ($this->beginning as $entry => $numbers) {
            if ($this->isTight($key, $entry)) {
                array_push($ways, ...$numbers);
            }
        }
        // Of equal chains the catalogue's order decides.
        sort($ways);

        return $ways;
    }

    private function isTight(string $a, string $b): bool
    {
        return $this->tight[$a.' | '.$b] ??= $this->judged($this->ends[$a], $this->ends[$b]);
    }

    private function judged(PortEnd $a, PortEnd $b): bool
    {
        return null !== $a->end && null !== $b->end
            && !$a->splits($b)
            && JointCalculator::calculate(new JointInput($a->end, $b->end, $this->isUnderPressure))->fit->isTight();
    }

    /** By what decides: the same end of the same material, however deep and wide it is. */
    private function keyOf(PortEnd $end): string
    {
        $key = null === $end->end ? (string) $end : (string) PortEnd::of($end->end, material: $end->material);
        $this->ends[$key] ??= $end;

        return $key;
    }
}
