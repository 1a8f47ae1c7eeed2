<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * The fill of each tank with which the most water is carried within every limit.
 *
 * Maximise Σ litres·f subject to Σ kg·f ≤ spare for every limit, and 0 ≤ f ≤ 1 for every tank.
 * Source: linear programming, the primal simplex method of Dantzig with Bland's rule (1977), which cannot cycle.
 */
final readonly class FillSplit
{
    private const NOTHING = 1e-9;

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
     * @return self nothing in any tank where a limit is broken already
     */
    public static function within(array $litres, array $limits): self
    {
        $rows = [];
        foreach ($limits as $limit) {
            if ($limit->spareKg < 0) {
                return new self(array_map(static fn (): float => 0.0, $litres), 0.0);
            }
            $rows[] = [$limit->addedKg, $limit->spareKg];
        }
        foreach (array_keys($litres) as $tank) {
            $rows[] = [array_map(static fn (int $other): float => $other === $tank ? 1.0 : 0.0, array_keys($litres)), 1.0];
        }
        $fractions = array_map(static fn (float $fraction): float => min(1.0, max(0.0, $fraction)), self::maximise($litres, $rows));

        return new self($fractions, array_sum(array_map(static fn (float $fraction, float $whole): float => $fraction * $whole, $fractions, $litres)));
    }

    /**
     * @param list<float> $gains
     * @param list<array{list<float>, float}> $rows coefficients and a bound that is not negative
     *
     * @return list<float>
     */
    private static function maximise(array $gains, array $rows): array
    {
        $variables = \count($gains);
        $columns = $variables + \count($rows);
        $tableau = [];
        $basis = [];
        foreach ($rows as $index => [$coefficients, $bound]) {
            $slack = array_map(static fn (int $other): float => $other === $index ? 1.0 : 0.0, array_keys($rows));
            $tableau[] = [...$coefficients, ...$slack, $bound];
            $basis[] = $variables + $index;
        }
        $prices = [...array_map(static fn (float $gain): float => -$gain, $gains), ...array_fill(0, \count($rows) + 1, 0.0)];
        while (null !== $enters = self::first($prices, $columns)) {
            $leaves = self::leaving($tableau, $basis, $enters, $columns);
            if (null === $leaves) {
                break;
            }
            $pivot = $tableau[$leaves][$enters];
            $tableau[$leaves] = array_map(static fn (float $value): float => $value / $pivot, $tableau[$leaves]);
            foreach ($tableau as $index => $row) {
                $tableau[$index] = $index === $leaves ? $row : self::less($row, $row[$enters], $tableau[$leaves]);
            }
            $prices = self::less($prices, $prices[$enters], $tableau[$leaves]);
            $basis[$leaves] = $enters;
        }
        $rowOf = array_flip($basis);

        return array_map(static fn (int $variable): float => isset($rowOf[$variable]) ? $tableau[$rowOf[$variable]][$columns] : 0.0, array_keys($gains));
    }

    /** @param list<float> $prices */
    private static function first(array $prices, int $columns): ?int
    {
        for ($column = 0; $column < $columns; ++$column) {
            if ($prices[$column] < -self::NOTHING) {
                return $column;
            }
        }

        return null;
    }

    /**
     * @param array<int, list<float>> $tableau
     * @param array<int, int> $basis
     */
    private static function leaving(array $tableau, array $basis, int $enters, int $columns): ?int
    {
        $leaves = null;
        $least = \INF;
        foreach ($tableau as $index => $row) {
            if ($row[$enters] <= self::NOTHING) {
                continue;
            }
            $ratio = $row[$columns] / $row[$enters];
            if ($ratio < $least - self::NOTHING || (abs($ratio - $least) <= self::NOTHING && null !== $leaves && $basis[$index] < $basis[$leaves])) {
                [$leaves, $least] = [$index, $ratio];
            }
        }

        return $leaves;
    }

    /**
     * @param list<float> $row
     * @param list<float> $other
     *
     * @return list<float>
     */
    private static function less(array $row, float $times, array $other): array
    {
        return array_map(static fn (float $value, float $taken): float => $value - $times * $taken, $row, $other);
    }
}
