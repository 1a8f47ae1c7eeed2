<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/**
 * Solves A·x = b for a symmetric, positive definite matrix of which most entries are nothing: Gauss elimination in the order of least
 * degree. In a tree nothing is filled in, so each node costs the same; what stands in series goes first.
 *
 * The order and what it fills in are worked out once for a network. Source: Rose (1972), minimum degree; LDLᵀ factorisation.
 */
final class Elimination
{
    /** @var list<array{int, list<int>, list<int>}> pivot, its neighbours that are left, and where their entries stand */
    private array $steps = [];
    /** @var list<list<int>> for each pivot where the entry of each pair of its neighbours stands, or -1 where they are the same */
    private array $updates = [];
    /** @var array<int, int> where an entry stands, by smaller · size + larger */
    private array $slots = [];

    /** @param list<array{int, int}> $pairs of unknowns that meet, each from 0 to below $size */
    public function __construct(
        private readonly int $size,
        array $pairs,
    ) {
        $left = array_fill(0, $size, []);
        foreach ($pairs as [$a, $b]) {
            if ($a !== $b) {
                $left[$a][$b] = true;
                $left[$b][$a] = true;
                $this->slot($a, $b);
            }
        }
        $remaining = $left;
        while ([] !== $remaining) {
            $pivot = null;
            foreach ($remaining as $node => $neighbours) {
                if (null === $pivot || \count($neighbours) < \count($remaining[$pivot])) {
                    $pivot = $node;
                    if (\count($neighbours) < 2) {
                        break;
                    }
                }
            }
            $neighbours = array_keys($remaining[$pivot]);
            unset($remaining[$pivot]);
            foreach ($neighbours as $one) {
                unset($remaining[$one][$pivot]);
                foreach ($neighbours as $other) {
                    if ($one !== $other) {
                        $remaining[$one][$other] = true;
                    }
                }
            }
            $this->steps[] = [$pivot, $neighbours, array_map(fn (int $one): int => $this->slot($pivot, $one), $neighbours)];
            $update = [];
            foreach ($neighbours as $one) {
                foreach ($neighbours as $other) {
                    $update[] = $one === $other ? -1 : $this->slot($one, $other);
                }
            }
            $this->updates[] = $update;
        }
    }

    /** Where the entry of two unknowns that meet stands among those off the diagonal. */
    public function slot(int $a, int $b): int
    {
        $key = min($a, $b) * $this->size + max($a, $b);

        return $this->slots[$key] ??= \count($this->slots);
    }

    /** How many entries off the diagonal there are, those that are filled in too. */
    public function entries(): int
    {
        return \count($this->slots);
    }

    /**
     * @param array<int, float> $diagonal
     * @param array<int, float> $off by their slots, both halves of the matrix at once
     * @param array<int, float> $right
     *
     * @return array<int, float>
     */
    public function solve(array $diagonal, array $off, array $right): array
    {
        foreach ($this->steps as $number => [$pivot, $neighbours, $slots]) {
            $inverse = 1 / $diagonal[$pivot];
            $updates = $this->updates[$number];
            $count = \count($neighbours);
            for ($i = 0; $i < $count; ++$i) {
                $factor = $off[$slots[$i]] * $inverse;
                $right[$neighbours[$i]] -= $factor * $right[$pivot];
                for ($j = 0; $j < $count; ++$j) {
                    if ($i === $j) {
                        $diagonal[$neighbours[$i]] -= $factor * $off[$slots[$j]];
                    } elseif ($i < $j) {
                        $off[$updates[$i * $count + $j]] -= $factor * $off[$slots[$j]];
                    }
                }
            }
        }
        for ($number = \count($this->steps) - 1; $number >= 0; --$number) {
            [$pivot, $neighbours, $slots] = $this->steps[$number];
            $value = $right[$pivot];
            foreach ($neighbours as $index => $one) {
                $value -= $off[$slots[$index]] * $right[$one];
            }
            $right[$pivot] = $value / $diagonal[$pivot];
        }

        return $right;
    }
}
