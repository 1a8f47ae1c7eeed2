<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Payload;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Payload\Simplex;

/** Linear programs by hand, and random ones against the best of all corners. */
final class SimplexTest extends TestCase
{
    /** @return iterable<string, array{list<float>, list<array{list<float>, float}>, list<float>|null}> gains, rows, and the values that gain most */
    public static function programs(): iterable
    {
        yield 'one row and one bound' => [[3.0, 2.0], [[[1.0, 1.0], 4.0], [[1.0, 0.0], 3.0]], [3.0, 1.0]];
        yield 'three rows meet in the best corner' => [
            [1.0, 1.0],
            [[[2.0, 1.0], 6.0], [[1.0, 2.0], 6.0], [[1.0, 1.0], 4.0]],
            [2.0, 2.0],
        ];
        yield 'what gains nothing stays at nothing' => [[1.0, 0.0], [[[1.0, 1.0], 2.0]], [2.0, 0.0]];
        yield 'a loss is not taken' => [[-1.0, 1.0], [[[1.0, 1.0], 2.0]], [0.0, 2.0]];
        yield 'at least two, by a bound below nought' => [[-1.0], [[[-1.0], -2.0], [[1.0], 5.0]], [2.0]];
        yield 'at least two and at most one' => [[1.0], [[[-1.0], -2.0], [[1.0], 1.0]], null];
        yield 'at least three together, each at most one' => [[1.0, 1.0], [[[-1.0, -1.0], -3.0], [[1.0, 0.0], 1.0], [[0.0, 1.0], 1.0]], null];
        yield 'exactly one, said twice' => [[1.0, 2.0], [[[-1.0, -1.0], -1.0], [[-2.0, -2.0], -2.0], [[1.0, 1.0], 1.0]], [0.0, 1.0]];
        yield 'the textbook case that cycles without a rule against it' => [
            [0.75, -20.0, 0.5, -6.0],
            [[[0.25, -8.0, -1.0, 9.0], 0.0], [[0.5, -12.0, -0.5, 3.0], 0.0], [[0.0, 0.0, 1.0, 0.0], 1.0]],
            [1.0, 0.0, 1.0, 0.0],
        ];
        yield 'nothing to choose' => [[], [[[], 1.0]], []];
    }

    /**
     * @param list<float> $gains
     * @param list<array{list<float>, float}> $rows
     * @param list<float>|null $expected
     */
    #[DataProvider('programs')]
    public function testTheValuesThatGainMost(array $gains, array $rows, ?array $expected): void
    {
        $found = Simplex::maximise($gains, $rows);
        if (null === $expected) {
            self::assertNull($found);

            return;
        }
        self::assertNotNull($found);
        self::assertCount(\count($expected), $found);
        foreach ($expected as $variable => $value) {
            self::assertEqualsWithDelta($value, $found[$variable], 1e-9, 'Variable '.$variable);
        }
    }

    public function testNoCornerOfTwoThousandRandomProgramsGainsMore(): void
    {
        $feasible = 0;
        for ($seed = 1; $seed <= 2000; ++$seed) {
            mt_srand($seed);
            $gains = [(float) mt_rand(-5, 9), (float) mt_rand(-5, 9)];
            // A box around everything, so that no gain is without end.
            $rows = [[[1.0, 0.0], 10.0], [[0.0, 1.0], 10.0]];
            for ($count = mt_rand(1, 4); $count > 0; --$count) {
                $rows[] = [[(float) mt_rand(-4, 4), (float) mt_rand(-4, 4)], (float) mt_rand(-8, 12)];
            }
            $best = self::bestCorner($gains, $rows);
            $found = Simplex::maximise($gains, $rows);
            if (null === $best) {
                self::assertNull($found, "Seed $seed: no corner keeps every row.");
                continue;
            }
            ++$feasible;
            self::assertNotNull($found, "Seed $seed");
            self::assertTrue(self::keeps($found, $rows), "Seed $seed: a row is broken.");
            self::assertEqualsWithDelta($best, $gains[0] * $found[0] + $gains[1] * $found[1], 1e-6, "Seed $seed");
        }
        self::assertGreaterThan(1000, $feasible);
        self::assertLessThan(1990, $feasible);
    }

    /**
     * @param array{float, float} $gains
     * @param list<array{list<float>, float}> $rows
     *
     * @return float|null the most that is gained where two lines cross within all rows
     */
    private static function bestCorner(array $gains, array $rows): ?float
    {
        $lines = [...$rows, [[-1.0, 0.0], 0.0], [[0.0, -1.0], 0.0]];
        $best = null;
        foreach ($lines as $first => [[$a, $b], $c]) {
            foreach (\array_slice($lines, $first + 1) as [[$d, $e], $f]) {
                $determinant = $a * $e - $b * $d;
                if (0.0 === $determinant) {
                    continue;
                }
                $corner = [($c * $e - $b * $f) / $determinant, ($a * $f - $c * $d) / $determinant];
                if (self::keeps($corner, $rows)) {
                    $best = max($best ?? -\INF, $gains[0] * $corner[0] + $gains[1] * $corner[1]);
                }
            }
        }

        return $best;
    }

    /**
     * @param list<float> $values
     * @param list<array{list<float>, float}> $rows
     */
    private static function keeps(array $values, array $rows): bool
    {
        foreach ($rows as [$coefficients, $bound]) {
            if (array_sum(array_map(static fn (float $one, float $value): float => $one * $value, $coefficients, $values)) > $bound + 1e-7) {
                return false;
            }
        }

        return min($values) >= -1e-7;
    }
}
