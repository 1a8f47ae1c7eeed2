<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Run\Pocket;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\TrappedCalculator;
use YardCask\Core\Run\TrappedInput;

final class TrappedTest extends TestCase
{
    /**
     * @return iterable<string, array{list<array{float, float}>, float, list<array{float, float}>}> x and z of the points, grade in %, stretches that stay full
     */
    public static function runs(): iterable
    {
        yield 'level: all runs out, or nothing is held back' => [[[0, 1], [2, 1]], 0, []];
        yield 'always down' => [[[0, 1], [1, 0.5], [2, 0]], 0, []];
        yield 'a dip in the middle, equal sides' => [[[0, 0.3], [0.4, 0], [0.8, 0.3]], 0, [[0, 1]]];
        yield 'a dip below the lower side' => [[[0, 0.6], [0.8, 0], [1.2, 0.3]], 0, [[0.5, 1.5]]];
        yield 'a hump holds nothing' => [[[0, 0], [0.4, 0.3], [0.8, 0]], 0, []];
        yield 'two dips with a crest between them' => [[[0, 0.3], [0.4, 0], [0.8, 0.3], [1.2, 0], [1.6, 0.3]], 0, [[0, 2]]];
        yield 'two dips that a higher crest parts' => [[[0, 0.3], [0.4, 0], [1.2, 0.6], [1.6, 0.3], [2, 0.6]], 0, [[0, 1], [1.5, 2.5]]];
        yield 'a level stretch between two rises' => [[[0, 0.3], [0.4, 0], [1.4, 0], [1.8, 0.3]], 0, [[0, 2]]];
        yield 'a slope empties a shallow dip' => [[[0, 0.02], [1, 0], [2, 0.02]], 3, []];
        yield 'a slope makes a dip' => [[[0, 0.1], [1, 0]], 0, []];
    }

    /**
     * @param list<array{float, float}> $points
     * @param list<array{float, float}> $full
     */
    #[DataProvider('runs')]
    public function testStretchesBelowBothSidesStayFull(array $points, float $grade, array $full): void
    {
        $trapped = TrappedCalculator::calculate(self::runOf($points, $grade));
        $litresPerM = \M_PI / 4 * 0.02 ** 2 * 1000;
        self::assertEqualsWithDelta($full, array_map(static fn (Pocket $pocket): array => [$pocket->fromM, $pocket->toM], $trapped->pockets), 1e-9);
        self::assertEqualsWithDelta(
            array_sum(array_map(static fn (array $stretch): float => $stretch[1] - $stretch[0], $full)) * $litresPerM,
            $trapped->litres(),
            1e-9,
        );
    }

    public function testIsTheSameFromTheOtherEndAndAgreesWithStepsAlongTheRun(): void
    {
        for ($seed = 1; $seed <= 150; ++$seed) {
            mt_srand($seed);
            $points = array_map(static fn (int $index): array => [$index * 0.3, mt_rand(0, 20) / 20], range(0, mt_rand(1, 7)));
            $grade = (float) mt_rand(-8, 8);
            $trapped = TrappedCalculator::calculate(self::runOf($points, $grade));
            self::assertEqualsWithDelta($trapped->litres(), TrappedCalculator::calculate(self::runOf(array_reverse($points), $grade))->litres(), 1e-9);
            $heights = [];
            foreach (array_keys(\array_slice($points, 1)) as $index) {
                $length = hypot($points[$index + 1][0] - $points[$index][0], $points[$index + 1][1] - $points[$index][1]);
                for ($step = 0; $step < 200; ++$step) {
                    $part = ($step + 0.5) / 200;
                    [$x, $z] = [
                        $points[$index][0] + $part * ($points[$index + 1][0] - $points[$index][0]),
                        $points[$index][1] + $part * ($points[$index + 1][1] - $points[$index][1]),
                    ];
                    $heights[] = [$z + $grade / 100 * $x, $length / 200];
                }
            }
            $full = 0.0;
            foreach ($heights as $index => [$height, $length]) {
                $sill = min(max(array_column(\array_slice($heights, 0, $index + 1), 0)), max(array_column(\array_slice($heights, $index), 0)));
                $full += $height < $sill - 1e-9 ? $length : 0.0;
            }
            self::assertEqualsWithDelta($full * \M_PI / 4 * 0.02 ** 2 * 1000, $trapped->litres(), 0.02 * $trapped->lengthM, "seed {$seed}");
        }
    }

    /** @param list<array{float, float}> $points */
    private static function runOf(array $points, float $grade): TrappedInput
    {
        return new TrappedInput(20, array_map(static fn (array $point): RunPoint => new RunPoint($point[0], 0, $point[1]), $points), $grade);
    }
}
