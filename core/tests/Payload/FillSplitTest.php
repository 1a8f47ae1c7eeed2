<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Payload;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Payload\FillSplit;
use YardCask\Core\Payload\SplitLimit;

/** The most water in several tanks within every limit. */
final class FillSplitTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{list<float>, list<SplitLimit>, list<float>, float}> litres of the tanks, limits, fractions, litres in all */
    public static function splits(): iterable
    {
        yield 'no limit near' => [[100.0, 50.0], [new SplitLimit(500.0, [100.0, 50.0])], [1.0, 1.0], 150.0];
        yield 'the whole alone: as much as it allows' => [[100.0], [new SplitLimit(40.0, [100.0])], [0.4], 40.0];
        yield 'the tank that loads the axle less is filled' => [[100.0, 100.0], [new SplitLimit(60.0, [130.0, 50.0])], [10 / 130, 1.0], 100 + 1000 / 130];
        yield 'a tank that relieves an axle lets another be fuller' => [
            [100.0, 100.0],
            [new SplitLimit(50.0, [120.0, -30.0])],
            [80 / 120, 1.0],
            100 + 8000 / 120,
        ];
        yield 'two limits at once' => [[100.0, 100.0], [new SplitLimit(80.0, [100.0, 20.0]), new SplitLimit(80.0, [20.0, 100.0])], [2 / 3, 2 / 3], 400 / 3];
        yield 'nothing left' => [[100.0, 100.0], [new SplitLimit(0.0, [100.0, 100.0])], [0.0, 0.0], 0.0];
        yield 'broken with empty tanks and cured by one of them' => [[100.0, 100.0], [new SplitLimit(-1.0, [100.0, -100.0])], [0.99, 1.0], 199.0];
        yield 'a least nose: the rear tank only as far as the front one holds it down' => [
            [60.0, 100.0],
            [new SplitLimit(-5.0, [-30.0, 20.0]), new SplitLimit(90.0, [40.0, 100.0])],
            [1.0, 0.5],
            110.0,
        ];
        yield 'two limits, both broken with empty tanks, that one fill just keeps' => [
            [120.0, 70.0],
            [new SplitLimit(-20.0, [-24.0, 14.0]), new SplitLimit(40.0, [48.0, -14.0])],
            [5 / 6, 0.0],
            100.0,
        ];
        yield 'no tank' => [[], [new SplitLimit(10.0, [])], [], 0.0];
    }

    /**
     * @param list<float> $litres
     * @param list<SplitLimit> $limits
     * @param list<float> $fractions
     */
    #[DataProvider('splits')]
    public function testFillsTheTanksThatCostTheLimitsLeast(array $litres, array $limits, array $fractions, float $inAll): void
    {
        $split = FillSplit::within($litres, $limits) ?? self::fail('There is a fill that keeps every limit.');
        self::assertEqualsWithDelta($fractions, $split->fractions, 1e-9);
        self::assertEqualsWithDelta($inAll, $split->litres, 1e-9);
    }

    public function testNoSplitWithinTheLimitsCarriesMore(): void
    {
        $share = Generators::choose(-60, 180);
        $spare = Generators::choose(-60, 300);
        $this->forAll($share, $share, $share, $share, $spare, $spare)->then(static function (int $a, int $b, int $c, int $d, int $one, int $other): void {
            $litres = [120.0, 70.0];
            $limits = [new SplitLimit((float) $one, [$a * 1.2, $b * 0.7]), new SplitLimit((float) $other, [$c * 1.2, $d * 0.7])];
            $split = FillSplit::within($litres, $limits);
            foreach (null === $split ? [] : $limits as $limit) {
                self::assertTrue($limit->holds($split->fractions ?? []));
            }
            self::assertGreaterThanOrEqual(0.0, min($split->fractions ?? [0.0]));
            self::assertLessThanOrEqual(1.0, max($split->fractions ?? [0.0]));
            for ($first = 0; $first <= 40; ++$first) {
                for ($second = 0; $second <= 40; ++$second) {
                    $try = [$first / 40, $second / 40];
                    if ($limits[0]->holds($try) && $limits[1]->holds($try)) {
                        self::assertNotNull($split, 'A fill that keeps both was not found: '.implode(' and ', $try));
                        self::assertLessThanOrEqual(
                            $split->litres + 1e-4,
                            $try[0] * $litres[0] + $try[1] * $litres[1],
                            'More would be carried with '.implode(' and ', $try),
                        );
                    }
                }
            }
        });
    }

    public function testWhereNoFillKeepsEveryLimitThereIsNoSplit(): void
    {
        self::assertNull(FillSplit::within([100.0, 100.0], [new SplitLimit(-30.0, [-10.0, -10.0])]));
        self::assertNull(FillSplit::within([100.0], [new SplitLimit(-20.0, [-100.0]), new SplitLimit(10.0, [100.0])]));
    }

    public function testADozenTanksAreSplitToo(): void
    {
        $litres = array_fill(0, 12, 30.0);
        $along = array_map(static fn (int $tank): float => 30.0 * $tank / 8, array_keys($litres));
        $split = FillSplit::within($litres, [new SplitLimit(300.0, $litres), new SplitLimit(90.0, $along)]) ?? self::fail('Nothing at all is a split.');
        self::assertEqualsWithDelta([1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0], \array_slice($split->fractions, 0, 7), 1e-9);
        self::assertEqualsWithDelta(
            90.0,
            array_sum(array_map(static fn (float $fraction, float $kg): float => $fraction * $kg, $split->fractions, $along)),
            1e-9,
        );
    }
}
