<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * The fill of each tank with which the most water is carried within every limit.
 *
 * Maximise Σ litres·f subject to Σ kg·f ≤ spare for every limit, and 0 ≤ f ≤ 1 for every tank. A limit that is crossed
 * with empty tanks (a nose too light, an axle that water relieves) has a negative spare: a first phase finds a fill that
 * keeps it. Source: linear programming, the two-phase simplex method of Dantzig with Bland's rule (1977), which cannot cycle.
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
     * @return self|null null where no fill keeps every limit
     */
    public static function within(array $litres, array $limits): ?self
    {
        $rows = array_map(static fn (SplitLimit $limit): array => [$limit->addedKg, $limit->spareKg], $limits);
        foreach (array_keys($litres) as $tank) {
            $rows[] = [array_map(static fn (int $other): float => $other === $tank ? 1.0 : 0.0, array_keys($litres)), 1.0];
        }
        $found = self::maximise($litres, $rows);
        if (null === $found) {
            return null;
        }
        $fractions = array_map(static fn (float $fraction): float => min(1.0, max(0.0, $fraction)), $found);

        return new self($fractions, array_sum(array_map(static fn (float $fraction, float $whole): float => $fraction * $whole, $fractions, $litres)));
    }

    /**
     * @param list<float> $gains
     * @param list<array{list<float>, float}> $rows coefficients and a bound
     *
     * @return list<float>|null null when nothing satisfies all rows
     */
    private static function maximise(array $gains, array $rows): ?array
    {
        $variables = \count($gains);
        $artificial = array_keys(array_filter($rows, static fn (array $row): bool => $row[1] < 0));
        $columns = $variables + \count($rows) + \count($artificial);
        $tableau = [];
        $basis = [];
        foreach ($rows as $index => [$coefficients, $bound]) {
            // A row with a negative bound is turned round; its own slack is then no beginning, and an artificial one stands in.
            $sign = $bound < 0 ? -1.0 : 1.0;
            $row = array_map(static fn (float $value): float => $sign * $value, $coefficients);
            for ($column = $variables; $column < $columns; ++$column) {
                $row[] = match (true) {
                    $column === $variables + $index => $sign,
                    $sign < 0 && $column === $variables + \count($rows) + (int) array_search($index, $artificial, true) => 1.0,
                    default => 0.0,
                };
            }
            $row[] = $sign * $bound;
            $tableau[] = $row;
            $basis[] = $sign < 0 ? $variables + \count($rows) + (int) array_search($index, $artificial, true) : $variables + $index;
        }
        if ([] !== $artificial) {
            $costs = array_fill(0, $columns + 1, 0.0);
            for ($column = $variables + \count($rows); $column < $columns; ++$column) {
                $costs[$column] = 1.0;
            }
            foreach ($artificial as $index) {
                $costs = self::less(array_values($costs), 1.0, $tableau[$index]);
            }
            self::pivotToBest($tableau, $basis, $costs, $columns);
            if ($costs[$columns] < -1e-7) {
                return null;
            }
            self::driveOut($tableau, $basis, $variables + \count($rows));
        }
        $real = $variables + \count($rows);
        $prices = [...array_map(static fn (float $gain): float => -$gain, $gains), ...array_fill(0, $columns - $variables + 1, 0.0)];
        foreach ($basis as $index => $variable) {
            $prices = self::less($prices, $prices[$variable], $tableau[$index]);
        }
        self::pivotToBest($tableau, $basis, $prices, $real);
        $rowOf = array_flip($basis);

        return array_map(static fn (int $variable): float => isset($rowOf[$variable]) ? $tableau[$rowOf[$variable]][$columns] : 0.0, array_keys($gains));
    }

    /**
     * @param list<list<float>> $tableau each row with its bound at the end
     * @param list<int> $basis
     * @param list<float> $prices
     * @param int $columns that may enter
     *
     * @param-out list<list<float>> $tableau
     * @param-out list<int> $basis
     * @param-out list<float> $prices
     */
    private static function pivotToBest(array &$tableau, array &$basis, array &$prices, int $columns): void
    {
        while (null !== $enters = self::first($prices, $columns)) {
            $leaves = self::leaving($tableau, $basis, $enters);
            if (null === $leaves) {
                return;
            }
            self::pivot($tableau, $basis, $leaves, $enters);
            $prices = self::less($prices, $prices[$enters], $tableau[$leaves]);
        }
    }

    /**
     * Takes the artificial variables that are left in the basis at nought out of it: they would grow in the second phase, and with
     * them what is beyond a limit. A row in which nothing real stands says nothing and can stay.
     *
     * @param list<list<float>> $tableau
     * @param list<int> $basis
     * @param int $real how many columns are not artificial
     *
     * @param-out list<list<float>> $tableau
     * @param-out list<int> $basis
     */
    private static function driveOut(array &$tableau, array &$basis, int $real): void
    {
        foreach ($basis as $index => $variable) {
            for ($column = 0; $variable >= $real && $column < $real; ++$column) {
                if (abs($tableau[$index][$column]) > self::NOTHING) {
                    self::pivot($tableau, $basis, $index, $column);
                    break;
                }
            }
        }
    }

    /**
     * @param list<list<float>> $tableau
     * @param list<int> $basis
     *
     * @param-out list<list<float>> $tableau
     * @param-out list<int> $basis
     */
    private static function pivot(array &$tableau, array &$basis, int $leaves, int $enters): void
    {
        $pivot = $tableau[$leaves][$enters];
        $pivotRow = array_map(static fn (float $value): float => $value / $pivot, $tableau[$leaves]);
        $tableau = array_map(static fn (array $row): array => self::less($row, $row[$enters], $pivotRow), $tableau);
        $tableau[$leaves] = $pivotRow;
        $basis = array_map(static fn (int $index): int => $index === $leaves ? $enters : $basis[$index], array_keys($basis));
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
     * @param list<list<float>> $tableau
     * @param list<int> $basis
     */
    private static function leaving(array $tableau, array $basis, int $enters): ?int
    {
        $leaves = null;
        $least = \INF;
        foreach ($tableau as $index => $row) {
            if ($row[$enters] <= self::NOTHING) {
                continue;
            }
            $ratio = $row[\count($row) - 1] / $row[$enters];
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
        return 0.0 === $times ? $row : array_map(static fn (float $value, float $taken): float => $value - $times * $taken, $row, $other);
    }
}
