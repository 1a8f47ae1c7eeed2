<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/**
 * The non-negative values that maximise a sum of gains while every row stays within its bound.
 *
 * Each row becomes an equation with a slack. If its bound is negative the slack cannot start the basis: an artificial variable
 * takes its place, and a first phase brings all of those to zero. Source: the two-phase simplex method of Dantzig with Bland's rule (1977),
 * which cannot cycle.
 */
final class Simplex
{
    private const NOTHING = 1e-9;
    /** What rounding leaves of artificial variables that are nought. */
    private const ARTIFICIAL_LEFT = 1e-7;

    /** @var list<list<float>> each row with its bound at the end */
    private array $tableau = [];
    /** @var array<int, int> by row: the variable that it gives */
    private array $basis = [];
    /** The number of variables that are not artificial: the unknowns, then a slack for each row. */
    private readonly int $real;
    /** How many there are altogether. */
    private readonly int $columns;
    /** @var array<int, int> by row with a bound below nought: its artificial variable */
    private readonly array $artificial;

    /** @param list<array{list<float>, float}> $rows */
    private function __construct(private readonly int $variables, array $rows)
    {
        $negative = array_keys(array_filter($rows, static fn (array $row): bool => $row[1] < 0));
        $this->real = $variables + \count($rows);
        $this->columns = $this->real + \count($negative);
        $this->artificial = [] === $negative ? [] : array_combine($negative, range($this->real, $this->columns - 1));
        foreach ($rows as $index => [$coefficients, $bound]) {
            // A row with a bound below nought is turned round.
            $sign = $bound < 0 ? -1.0 : 1.0;
            $row = array_pad(array_map(static fn (float $value): float => $sign * $value, $coefficients), $this->columns, 0.0);
            $row[$variables + $index] = $sign;
            if (isset($this->artificial[$index])) {
                $row[$this->artificial[$index]] = 1.0;
            }
            $this->tableau[] = [...array_values($row), $sign * $bound];
            $this->basis[] = $this->artificial[$index] ?? $variables + $index;
        }
    }

    /**
     * @param list<float> $gains by variable
     * @param list<array{list<float>, float}> $rows coefficients by variable, and a bound that their sum may not exceed
     *
     * @return list<float>|null by variable; null when nothing satisfies all rows
     */
    public static function maximise(array $gains, array $rows): ?array
    {
        $simplex = new self(\count($gains), $rows);

        return $simplex->isFeasible() ? $simplex->best($gains) : null;
    }

    /** The first phase: whether the artificial variables can all be brought to nought, and out of the basis. */
    private function isFeasible(): bool
    {
        if ([] === $this->artificial) {
            return true;
        }
        $costs = [...array_fill(0, $this->real, 0.0), ...array_fill(0, \count($this->artificial), 1.0), 0.0];
        foreach (array_keys($this->artificial) as $index) {
            $costs = self::less($costs, 1.0, $this->tableau[$index]);
        }
        if ($this->pivotToBest($costs, $this->columns)[$this->columns] < -self::ARTIFICIAL_LEFT) {
            return false;
        }
        $this->driveOut();

        return true;
    }

    /**
     * The second phase.
     *
     * @param list<float> $gains
     *
     * @return list<float>
     */
    private function best(array $gains): array
    {
        $prices = array_map(static fn (float $gain): float => -$gain, $gains);
        $prices = [...$prices, ...array_fill(0, $this->columns - $this->variables + 1, 0.0)];
        foreach ($this->basis as $index => $variable) {
            $prices = self::less($prices, $prices[$variable], $this->tableau[$index]);
        }
        $this->pivotToBest($prices, $this->real);
        $rowOf = array_flip($this->basis);

        return array_map(
            fn (int $variable): float => isset($rowOf[$variable]) ? $this->tableau[$rowOf[$variable]][$this->columns] : 0.0,
            array_keys($gains),
        );
    }

    /**
     * @param list<float> $prices by variable, with the negative sum of what is gained at the end
     * @param int $columns so many variables may enter
     *
     * @return list<float> the prices at which nothing is gained by another step
     */
    private function pivotToBest(array $prices, int $columns): array
    {
        while (null !== $enters = self::first($prices, $columns)) {
            $leaves = $this->leaving($enters);
            if (null === $leaves) {
                break;
            }
            $this->pivot($leaves, $enters);
            $prices = self::less($prices, $prices[$enters], $this->tableau[$leaves]);
        }

        return $prices;
    }

    /**
     * Takes artificial variables that are left in the basis at zero out of it: they would grow in the second phase, and with
     * them what is beyond a limit. A row in which nothing real stands says nothing and can stay.
     */
    private function driveOut(): void
    {
        foreach ($this->basis as $index => $variable) {
            for ($column = 0; $variable >= $this->real && $column < $this->real; ++$column) {
                if (abs($this->tableau[$index][$column]) > self::NOTHING) {
                    $this->pivot($index, $column);
                    break;
                }
            }
        }
    }

    private function pivot(int $leaves, int $enters): void
    {
        $pivot = $this->tableau[$leaves][$enters];
        $pivotRow = array_map(static fn (float $value): float => $value / $pivot, $this->tableau[$leaves]);
        $tableau = array_map(static fn (array $row): array => self::less($row, $row[$enters], $pivotRow), $this->tableau);
        $tableau[$leaves] = $pivotRow;
        $this->tableau = $tableau;
        $this->basis[$leaves] = $enters;
    }

    /**
     * Of the variables that would gain, the first: by Bland's rule.
     *
     * @param list<float> $prices
     */
    private static function first(array $prices, int $columns): ?int
    {
        for ($column = 0; $column < $columns; ++$column) {
            if ($prices[$column] < -self::NOTHING) {
                return $column;
            }
        }

        return null;
    }

    /** The row that first stops a variable from growing; of several the one of the first variable. */
    private function leaving(int $enters): ?int
    {
        $leaves = null;
        $least = \INF;
        foreach ($this->tableau as $index => $row) {
            if ($row[$enters] <= self::NOTHING) {
                continue;
            }
            $ratio = $row[$this->columns] / $row[$enters];
            $isAlike = abs($ratio - $least) <= self::NOTHING;
            if ($ratio < $least - self::NOTHING || ($isAlike && null !== $leaves && $this->basis[$index] < $this->basis[$leaves])) {
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
