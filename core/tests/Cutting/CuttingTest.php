<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Cutting;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Calculator\CalculatorName;
use YardCask\Core\Cutting\Cutting;
use YardCask\Core\Cutting\CuttingCalculator;
use YardCask\Core\Cutting\CuttingInput;
use YardCask\Core\Cutting\Piece;
use YardCask\Core\Cutting\Stock;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;

/** Cutting pieces from lengths: by hand, against every other way, and as one whole. */
final class CuttingTest extends TestCase
{
    /** @return iterable<string, array{string, float, list<string>, bool}> the input, the price, each length with its pieces and its offcut */
    public static function byHand(): iterable
    {
        yield 'one of each' => ['{"stocks":[{"name":"2 m","length_mm":2000,"price":3.4},{"name":"3 m","length_mm":3000,"price":4.6}],"pieces":[{"name":"a","length_mm":1999}]}', 3.4, ['2 m: a, 1'], true];
        yield 'the saw takes what was left' => ['{"stocks":[{"name":"2 m","length_mm":2000,"price":1}],"kerf_mm":1,"pieces":[{"name":"a","length_mm":1000,"count":2}]}', 2.0, ['2 m: a, 1000', '2 m: a, 1000'], true];
        yield 'what is left over is exactly one cut' => ['{"stocks":[{"name":"2 m","length_mm":2000,"price":1}],"kerf_mm":2,"pieces":[{"name":"a","length_mm":999,"count":2}]}', 1.0, ['2 m: a a, 0'], true];
        yield 'what is in the workshop first' => ['{"stocks":[{"name":"new","length_mm":1000,"price":5},{"name":"offcut","length_mm":700,"price":0,"count":1}],"pieces":[{"name":"a","length_mm":600,"count":2}]}', 5.0, ['new: a, 400', 'offcut: a, 100'], true];
        yield 'one long one, though two short ones cost as much' => ['{"stocks":[{"name":"1 m","length_mm":1000,"price":2},{"name":"2 m","length_mm":2000,"price":4}],"pieces":[{"name":"a","length_mm":1000,"count":2}]}', 4.0, ['2 m: a a, 0'], true];
        yield 'by the metre' => ['{"stocks":[{"name":"hose","per_metre":2.5}],"pieces":[{"name":"a","length_mm":400},{"name":"b","length_mm":1600}]}', 5.0, ['hose: b, 0', 'hose: a, 0'], true];
        yield 'by the metre where a length would be wasted' => ['{"stocks":[{"name":"5 m","length_mm":5000,"price":8},{"name":"hose","per_metre":2}],"pieces":[{"name":"a","length_mm":4900},{"name":"b","length_mm":300}]}', 8.6, ['5 m: a, 100', 'hose: b, 0'], true];
        yield 'nothing to cut' => ['{"stocks":[{"name":"2 m","length_mm":2000,"price":1}],"pieces":[]}', 0.0, [], true];
    }

    /** @param list<string> $lengths */
    #[DataProvider('byHand')]
    public function testIsCutAtTheLeastPrice(string $input, float $price, array $lengths, bool $isExact): void
    {
        $cut = Json::decode(Json::encode(CalculatorName::Cutting->calculate(Json::decode($input))));
        self::assertEqualsWithDelta($price, $cut->price, 1e-9);
        $said = array_map(static fn (\stdClass $one): string => \sprintf('%s: %s, %s', $one->name, implode(' ', $one->pieces), $one->offcut_mm), $cut->lengths);
        sort($said);
        sort($lengths);
        self::assertSame([$lengths, $isExact], [$said, $cut->exact]);
    }

    public function testNoOtherWayIsCheaperOrHasFewerLengths(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $shared = 0;
        for ($round = 0; $round < 250; ++$round) {
            $stocks = [];
            for ($number = 0; $number < $random->getInt(1, 3); ++$number) {
                $stocks[] = 0 === $random->getInt(0, 5)
                    ? new Stock('s'.$number, \INF, $random->getInt(1, 9) / 2, null)
                    : new Stock('s'.$number, 100.0 * $random->getInt(6, 20), (float) $random->getInt(1, 12), 0 === $random->getInt(0, 2) ? $random->getInt(1, 3) : null);
            }
            $longest = max(array_column($stocks, 'lengthMm'));
            $pieces = [];
            for ($number = 0; $number < $random->getInt(1, 6); ++$number) {
                $pieces[] = new Piece('p'.$number, min($longest, 50.0 * $random->getInt(2, 24)));
            }
            $input = new CuttingInput($stocks, $pieces, (float) $random->getInt(0, 4));
            $best = self::cheapest($input, array_column($pieces, 'lengthMm'), []);
            try {
                $cut = CuttingCalculator::calculate($input);
            } catch (InvalidInput) {
                self::assertNull($best, 'There was a way.');
                continue;
            }
            self::assertNotNull($best);
            self::assertTrue($cut->isExact);
            self::assertEqualsWithDelta($best[0], $cut->price, 1e-6, 'round '.$round);
            self::assertCount($best[1], $cut->lengths, 'round '.$round);
            self::assertIsCutOf($input, $cut);
            $shared += \count($pieces) > \count($cut->lengths) ? 1 : 0;
        }
        self::assertGreaterThan(60, $shared, 'Many share a length.');
    }

    public function testTwentyPiecesAreCutExactlyAndMoreWithinATwentieth(): void
    {
        $random = new Randomizer(new Mt19937(24));
        foreach ([20, 20, 20, 40, 80, 200] as $count) {
            $pieces = array_map(static fn (int $number): Piece => new Piece('p'.$number, 10.0 * $random->getInt(12, 190)), range(1, $count));
            $input = new CuttingInput([new Stock('2 m', 2000, 3.4, null), new Stock('3 m', 3000, 4.6, null), new Stock('offcut', 900, 0, 2)], $pieces, 3);
            $cut = CuttingCalculator::calculate($input);
            self::assertIsCutOf($input, $cut);
            self::assertSame($count <= 20, $cut->isExact, $count.' pieces');
            // Nothing can cost less than its share of whole lengths at the best price, with the offcuts for nothing.
            $mm = array_sum(array_column($pieces, 'lengthMm')) + 3 * $count - 2 * 903;
            self::assertLessThan(1.05 * $mm * 4.6 / 3003 + 4.6, $cut->price, $count.' pieces');
        }
    }

    public function testWhatDoesNotSufficeIsRefused(): void
    {
        foreach ([
            '{"stocks":[{"name":"a","length_mm":1000,"price":1,"count":1}],"pieces":[{"name":"p","length_mm":600,"count":2}]}' => '/stocks',
            '{"stocks":[{"name":"a","length_mm":1000,"price":1}],"pieces":[{"name":"p","length_mm":1001}]}' => '/pieces/0/length_mm',
            '{"stocks":[{"name":"a","length_mm":1000,"price":0}],"pieces":[]}' => '/stocks/0/count',
            '{"stocks":[],"pieces":[]}' => '/stocks',
        ] as $input => $pointer) {
            try {
                CalculatorName::Cutting->calculate(Json::decode($input));
                self::fail('It was taken: '.$input);
            } catch (InvalidInput $e) {
                self::assertSame([$pointer], array_column($e->errors, 'pointer'));
            }
        }
    }

    private static function assertIsCutOf(CuttingInput $input, Cutting $cut): void
    {
        $lengths = array_column($input->pieces, 'lengthMm', 'name');
        $stocks = array_column($input->stocks, null, 'name');
        $used = [];
        $price = 0.0;
        $taken = [];
        foreach ($cut->lengths as $length) {
            $stock = $stocks[$length->name];
            $mm = array_sum(array_map(static fn (string $name): float => $lengths[$name], $length->pieces)) + (\count($length->pieces) - 1) * $input->kerfMm;
            $price += $stock->isByTheMetre() ? $stock->price * $mm / 1000 : $stock->price;
            self::assertEqualsWithDelta($stock->isByTheMetre() ? $mm : $stock->lengthMm, $mm + $length->offcutMm, 1e-6);
            array_push($used, ...$length->pieces);
            $taken[$length->name] = ($taken[$length->name] ?? 0) + 1;
        }
        sort($used);
        $names = array_column($input->pieces, 'name');
        sort($names);
        self::assertSame($names, $used);
        self::assertEqualsWithDelta($price, $cut->price, 1e-6);
        foreach ($input->stocks as $stock) {
            self::assertLessThanOrEqual($stock->count ?? \PHP_INT_MAX, $taken[$stock->name] ?? 0);
        }
    }

    /**
     * Every way: each piece into each length that is begun, or into a new one of each stock.
     *
     * @param list<float> $pieces
     * @param list<array{int, float}> $begun the stock of each length, and what is left of it
     *
     * @return array{float, int}|null the price and the number of lengths
     */
    private static function cheapest(CuttingInput $input, array $pieces, array $begun): ?array
    {
        if ([] === $pieces) {
            return [0.0, 0];
        }
        $mm = array_shift($pieces);
        $best = null;
        $try = static function (array $next, float $price, int $lengths) use (&$best, $input, $pieces): void {
            $rest = self::cheapest($input, $pieces, $next);
            if (null !== $rest && (null === $best || [round($price + $rest[0], 6), $lengths + $rest[1]] < [round($best[0], 6), $best[1]])) {
                $best = [$price + $rest[0], $lengths + $rest[1]];
            }
        };
        foreach ($begun as $index => [$stock, $leftMm]) {
            if ($leftMm >= $mm + $input->kerfMm) {
                $next = $begun;
                $next[$index][1] -= $mm + $input->kerfMm;
                $try($next, 0.0, 0);
            }
        }
        foreach ($input->stocks as $number => $stock) {
            $taken = \count(array_filter($begun, static fn (array $one): bool => $one[0] === $number));
            if ($stock->lengthMm >= $mm && $taken < ($stock->count ?? \PHP_INT_MAX)) {
                $try([...$begun, [$number, $stock->isByTheMetre() ? -1.0 : $stock->lengthMm - $mm]], $stock->isByTheMetre() ? $stock->price * $mm / 1000 : $stock->price, 1);
            }
        }

        return $best;
    }
}
