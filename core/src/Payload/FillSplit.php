<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * The fill of each tank with which the most water is carried within every limit.
 *
 * Maximise Σ litres·f subject to Σ kg·f ≤ spare for every limit, and 0 ≤ f ≤ 1 for every tank. A limit that is crossed
 * with empty tanks (a nose too light, an axle that water relieves) has a negative spare: a first phase finds a fill that
 * keeps it. Source: linear programming.
 */
final readonly class FillSplit
{
    /** @param list<float> $fractions from 0 to 1, for each tank */
    private function __construct(
        public array $fractions,
        public float $litres,
    ) {
    }

    /**
     * @param list<float> $litres what each tank holds brim full
     * @param list<SplitLimit> $limits
     *
     * @return self|null null where no fill keeps every limit
     */
    public static function within(array $litres, array $limits): ?self
    {
        $rows = array_map(static fn (SplitLimit $limit): array => [$limit->addedKg, $limit->spareKg], $limits);
        foreach (array_keys($litres) as $tank) {
            $rows[] = [array_map(static fn (int $other): float => $other === $tank ? 1.0 : 0.0, array_keys($litres)), 1.0];
        }
        $found = Simplex::maximise($litres, $rows);
        if (null === $found) {
            return null;
        }
        $fractions = array_map(static fn (float $fraction): float => min(1.0, max(0.0, $fraction)), $found);

        return new self($fractions, array_sum(array_map(static fn (float $fraction, float $whole): float => $fraction * $whole, $fractions, $litres)));
    }
}
