<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/**
 * The cheapest way to cut pieces from lengths; of equal prices the one with the fewest lengths.
 *
 * Each length is cut for the longest piece that is left, and as full as it gets: another piece in a length that is bought costs nothing. What is
 * left cannot cost less than so many millimetres do in whole lengths, which ends most branches. Source: branch and bound after Martello and
 * Toth (1990).
 */
final class CutSearch
{
    private ?CutPlan $best;
    private int $steps = 0;
    /** @var array<string, list<array{float, int}>> what it had cost, and in how many lengths, when the same was left before */
    private array $seen = [];
    /** @var list<float> the least that a piece of each kind can cost */
    private readonly array $leastPrices;
    /** Where nothing is sold by the metre. */
    private readonly ?CoverBound $cover;

    /**
     * @param non-empty-list<Stock> $stocks
     * @param list<float> $lengthsMm of each kind of piece, the longest first
     * @param CutPlan|null $best a way that is known
     * @param int $mostSteps after which it is given up
     */
    public function __construct(
        private readonly array $stocks,
        private readonly array $lengthsMm,
        private readonly float $kerfMm,
        ?CutPlan $best,
        private readonly int $mostSteps,
    ) {
        $this->best = $best;
        $least = static fn (float $mm): float => min(array_map(
            static fn (Stock $one): float => $one->lengthMm >= $mm ? $one->leastPrice($mm, $kerfMm) : \INF,
            $stocks,
        ));
        $this->leastPrices = array_map($least, $lengthsMm);
        $isByTheMetre = [] !== array_filter($stocks, static fn (Stock $one): bool => $one->isByTheMetre());
        $this->cover = $isByTheMetre ? null : new CoverBound($stocks, $kerfMm);
    }

    /**
     * @param list<int> $left how many pieces of each kind
     * @param list<int> $stockLeft how many there are of each stock
     *
     * @return CutPlan|null null where the lengths do not suffice
     */
    public function run(array $left, array $stockLeft, CutPlan $begun): ?CutPlan
    {
        $this->cut($left, $stockLeft, $begun);

        return $this->best;
    }

    /** Whether everything was looked at that could be better. */
    public function isDone(): bool
    {
        return $this->steps <= $this->mostSteps;
    }

    /**
     * @param list<int> $left
     * @param list<int> $stockLeft
     */
    private function cut(array $left, array $stockLeft, CutPlan $plan): void
    {
        if (++$this->steps > $this->mostSteps) {
            return;
        }
        $first = $this->first($left);
        if (null === $first) {
            $this->best = $plan->isBetterThan($this->best) ? $plan : $this->best;

            return;
        }
        if (!$this->canBeBetter($left, $stockLeft, $plan) || $this->wasAsGood($left, $stockLeft, $plan)) {
            return;
        }
        foreach ($this->choices($first, $left, $stockLeft) as [$stock, $fill, $price]) {
            $rest = $left;
            foreach ($fill as $kind => $count) {
                $rest[$kind] -= $count;
            }
            $restStock = $stockLeft;
            --$restStock[$stock];
            $this->cut(array_values($rest), array_values($restStock), $plan->with($stock, $fill, $price));
        }
    }

    /** @param list<int> $left */
    private function first(array $left): ?int
    {
        foreach ($left as $kind => $count) {
            if ($count > 0) {
                return $kind;
            }
        }

        return null;
    }

    /**
     * @param list<int> $left
     * @param list<int> $stockLeft
     */
    private function canBeBetter(array $left, array $stockLeft, CutPlan $plan): bool
    {
        if (null === $this->best) {
            return true;
        }
        $price = $mm = 0.0;
        foreach ($left as $kind => $count) {
            $price += $count * $this->leastPrices[$kind];
            $mm += $count * ($this->lengthsMm[$kind] + $this->kerfMm);
        }
        [$price, $lengths] = $this->cover?->least($mm, $stockLeft) ?? [$price, 1];
        $price += $plan->price;

        return $price < $this->best->price - CutPlan::NOTHING
            || ($price <= $this->best->price + CutPlan::NOTHING && \count($plan->cuts) + $lengths < \count($this->best->cuts));
    }

    /**
     * @param list<int> $left
     * @param list<int> $stockLeft
     */
    private function wasAsGood(array $left, array $stockLeft, CutPlan $plan): bool
    {
        $key = implode(',', $left).'|'.implode(',', $stockLeft);
        $lengths = \count($plan->cuts);
        foreach ($this->seen[$key] ?? [] as [$price, $count]) {
            if ($price <= $plan->price + CutPlan::NOTHING && $count <= $lengths) {
                return true;
            }
        }
        $this->seen[$key][] = [$plan->price, $lengths];

        return false;
    }

    /**
     * @param list<int> $left
     * @param list<int> $stockLeft
     *
     * @return list<array{int, array<int, int>, float}> the stock, what is cut from it and its price; what leaves least over first
     */
    private function choices(int $first, array $left, array $stockLeft): array
    {
        $choices = [];
        foreach ($this->stocks as $number => $stock) {
            if ($stockLeft[$number] < 1 || $stock->lengthMm < $this->lengthsMm[$first]) {
                continue;
            }
            if ($stock->isByTheMetre()) {
                $price = $stock->leastPrice($this->lengthsMm[$first], 0.0);
                $choices[] = [0.0, $price, $number, [$first => 1]];
                continue;
            }
            $rest = $left;
            --$rest[$first];
            foreach ($this->fills($stock->lengthMm - $this->lengthsMm[$first], $first, array_values($rest)) as [$overMm, $fill]) {
                $fill[$first] = ($fill[$first] ?? 0) + 1;
                $choices[] = [$overMm / $stock->lengthMm, $stock->price, $number, $fill];
            }
        }
        usort($choices, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_map(static fn (array $one): array => [$one[2], $one[3], $one[1]], $choices);
    }

    /**
     * Every way to fill what is left of a length so that no other piece fits.
     *
     * @param list<int> $left
     *
     * @return list<array{float, array<int, int>}> what is left over, and how many pieces of each kind
     */
    private function fills(float $roomMm, int $from, array $left): array
    {
        $kind = $from;
        while (isset($left[$kind]) && (0 === $left[$kind] || $this->lengthsMm[$kind] + $this->kerfMm > $roomMm + CutPlan::NOTHING)) {
            ++$kind;
        }
        if (!isset($left[$kind])) {
            return [[$roomMm, []]];
        }
        if (++$this->steps > $this->mostSteps) {
            return [];
        }
        $eachMm = $this->lengthsMm[$kind] + $this->kerfMm;
        $most = min($left[$kind], (int) floor(($roomMm + CutPlan::NOTHING) / $eachMm));
        $found = [];
        for ($count = $most; $count >= 0; --$count) {
            foreach ($this->fills($roomMm - $count * $eachMm, $kind + 1, $left) as [$overMm, $fill]) {
                // With one less of this kind, only what is too full for another of it is full.
                if ($count === $most || $overMm + CutPlan::NOTHING < $eachMm) {
                    $found[] = [$overMm, 0 === $count ? $fill : [$kind => $count] + $fill];
                }
            }
        }

        return $found;
    }
}
