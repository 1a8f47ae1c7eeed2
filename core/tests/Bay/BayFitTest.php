<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Bay;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Bay\BayFit;
use YardCask\Core\Bay\BayFitCalculator;
use YardCask\Core\Bay\BayFitInput;
use YardCask\Core\Bay\Box;
use YardCask\Core\Bay\Clearance;
use YardCask\Core\Bay\FreePlaces;
use YardCask\Core\Bay\TankBody;
use YardCask\Core\Bay\Turn;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Json;

final class BayFitTest extends TestCase
{
    /** @return iterable<string, array{string, list<float>|null, float|null}> input, the low corner and sizes as placed, what is missing */
    public static function fits(): iterable
    {
        $bay = '"bay":{"length_mm":1000,"width_mm":400,"height_mm":300}';
        $tank = static fn (int $length, int $width, int $height, string $more = ''): string => '"tank":{"length_mm":'.$length.',"width_mm":'.$width.',"height_mm":'.$height.$more.'}';
        yield 'as it stands' => ['{'.$bay.','.$tank(900, 350, 250).'}', [0, 0, 0, 900, 350, 250], null];
        yield 'to the millimetre' => ['{'.$bay.','.$tank(1000, 400, 300).'}', [0, 0, 0, 1000, 400, 300], null];
        yield 'a quarter turned' => ['{'.$bay.','.$tank(350, 900, 250).'}', [0, 0, 0, 900, 350, 250], null];
        yield 'never laid on its side when upright' => ['{'.$bay.','.$tank(250, 350, 900).'}', null, 600];
        yield 'laid on its side' => ['{'.$bay.','.$tank(250, 350, 900, ',"upright":false').'}', [0, 0, 0, 900, 350, 250], null];
        yield 'a gap all round' => ['{'.$bay.','.$tank(900, 350, 250, ',"gap_mm":20').'}', [20, 20, 20, 900, 350, 250], null];
        yield 'one millimetre missing' => ['{'.$bay.','.$tank(1001, 350, 250).'}', null, 1];
        yield 'two walls are too near' => ['{'.$bay.','.$tank(1001, 401, 301).'}', null, null];
        yield 'on top of an obstruction' => [
            '{'.$bay.',"obstructions":[{"x_mm":450,"y_mm":0,"z_mm":0,"length_mm":100,"width_mm":400,"height_mm":40}],'.$tank(900, 350, 250).'}',
            [0, 0, 40, 900, 350, 250],
            null,
        ];
        yield 'beside an obstruction' => [
            '{'.$bay.',"obstructions":[{"x_mm":0,"y_mm":0,"z_mm":0,"length_mm":60,"width_mm":400,"height_mm":300}],'.$tank(900, 350, 250).'}',
            [60, 0, 0, 900, 350, 250],
            null,
        ];
        yield 'room for a fitting, whichever way round' => ['{'.$bay.','.$tank(900, 350, 250, ',"clear_mm":{"x1":100}').'}', [0, 0, 0, 900, 350, 250], null];
        yield 'a fitting stands over an obstruction' => [
            '{'.$bay.',"obstructions":[{"x_mm":940,"y_mm":0,"z_mm":0,"length_mm":60,"width_mm":400,"height_mm":200}],'.$tank(
                930,
                350,
                250,
                ',"fittings":[{"x_mm":930,"y_mm":0,"z_mm":210,"length_mm":60,"width_mm":60,"height_mm":40}]',
            ).'}',
            [0, 0, 0, 930, 350, 250],
            null,
        ];
    }

    /** @param list<float>|null $placed */
    #[DataProvider('fits')]
    public function testFindsThePlaceOrWhatIsMissing(string $json, ?array $placed, ?float $missing): void
    {
        $fit = self::fit($json);
        $body = $fit->placement?->body;
        self::assertEqualsWithDelta(
            $placed,
            null === $body ? null : [...$body->low, $body->high[0] - $body->low[0], $body->high[1] - $body->low[1], $body->high[2] - $body->low[2]],
            1e-9,
        );
        self::assertEqualsWithDelta($missing, $fit->shortMm, 1e-9);
    }

    public function testTurnsAreAllTheRotationsAndNoMirror(): void
    {
        $notch = new Box([0, 0, 0], [1, 2, 3]);
        foreach ([[true, 4], [false, 24]] as [$upright, $count]) {
            $seen = array_unique(
                array_map(
                    static fn (Turn $turn): string => serialize(
                        [$turn->box($notch), $turn->box(new Box([5, 0, 0], [6, 1, 1])), $turn->box(new Box([0, 7, 0], [1, 8, 1]))],
                    ),
                    Turn::all($upright),
                ),
            );
            self::assertCount($count, $seen);
        }
        foreach (Turn::all(false) as $turn) {
            $axes = array_map(
                static fn (Box $box): array => array_map(static fn (float $low, float $high): float => ($low + $high) / 2, $box->low, $box->high),
                [$turn->box(new Box([1, 0, 0], [1, 0, 0])), $turn->box(new Box([0, 1, 0], [0, 1, 0])), $turn->box(new Box([0, 0, 1], [0, 0, 1]))],
            );
            [[$a, $b, $c], [$d, $e, $f], [$g, $h, $i]] = $axes;
            self::assertEqualsWithDelta(1.0, $a * ($e * $i - $f * $h) - $b * ($d * $i - $f * $g) + $c * ($d * $h - $e * $g), 1e-9);
        }
    }

    /** Whole millimetres, small bays: every place can be tried. */
    public function testNothingThatFitsIsOverlookedAndNothingIsInTheWay(): void
    {
        $fitted = $missing = 0;
        for ($seed = 1; $seed <= 500; ++$seed) {
            mt_srand($seed);
            $size = static fn (int $most): array => ['length_mm' => mt_rand(1, $most), 'width_mm' => mt_rand(1, $most), 'height_mm' => mt_rand(1, $most)];
            $place = static fn (): array => ['x_mm' => mt_rand(0, 5), 'y_mm' => mt_rand(0, 5), 'z_mm' => mt_rand(0, 3)];
            $input = [
                'bay' => ['length_mm' => mt_rand(4, 9), 'width_mm' => mt_rand(3, 8), 'height_mm' => mt_rand(2, 6)],
                'obstructions' => [],
                'tank' => $size(6) + ['upright' => (bool) mt_rand(0, 1), 'gap_mm' => mt_rand(0, 1)],
            ];
            for ($count = mt_rand(0, 3); $count > 0; --$count) {
                $input['obstructions'][] = $place() + $size(3);
            }
            if (0 === mt_rand(0, 2)) {
                $tank = $input['tank'];
                $input['tank']['boxes'] = [
                    [
                        'x_mm' => 0,
                        'y_mm' => 0,
                        'z_mm' => 0,
                        'length_mm' => $tank['length_mm'],
                        'width_mm' => $tank['width_mm'],
                        'height_mm' => (int) ceil($tank['height_mm'] / 2),
                    ],
                    [
                        'x_mm' => 0,
                        'y_mm' => 0,
                        'z_mm' => 0,
                        'length_mm' => (int) ceil($tank['length_mm'] / 2),
                        'width_mm' => $tank['width_mm'],
                        'height_mm' => $tank['height_mm'],
                    ],
                ];
                $input['tank']['fittings'] = [['x_mm' => $tank['length_mm'], 'y_mm' => 0, 'z_mm' => 0, 'length_mm' => 1, 'width_mm' => 1, 'height_mm' => 1]];
            }
            $json = Json::encode($input);
            $fit = self::fit($json);
            $tried = self::byTrying(BayFitInput::read(InputReader::of(Json::decode($json))), [0, 0, 0], [0, 0, 0]);
            self::assertSame(null === $tried, null === $fit->placement, $json);
            if (null !== $fit->placement) {
                self::assertEqualsWithDelta(
                    $tried,
                    [$fit->placement->body->low[2], hypot($fit->placement->body->low[0], $fit->placement->body->low[1])],
                    1e-9,
                    $json,
                );
                ++$fitted;
            } elseif (0 === $seed % 5) {
                self::assertEqualsWithDelta(self::missingByTrying($json), $fit->shortMm, 1e-9, $json);
                ++$missing;
            }
        }
        self::assertGreaterThan(100, $fitted);
        self::assertGreaterThan(10, $missing);
    }

    public function testTheNearestFreePlaceIsTheOneThatTryingFinds(): void
    {
        $found = 0;
        for ($seed = 1; $seed <= 400; ++$seed) {
            mt_srand($seed);
            $box = static fn (int $most): Box => Box::at(
                [mt_rand(0, 6), mt_rand(0, 5), mt_rand(0, 3)],
                [mt_rand(1, $most), mt_rand(1, $most), mt_rand(1, $most)],
            );
            $bayMm = [mt_rand(4, 9), mt_rand(3, 8), mt_rand(2, 6)];
            $input = new BayFitInput(
                $bayMm,
                array_map(static fn (): Box => $box(3), range(1, mt_rand(1, 4))),
                new TankBody(Box::at([0, 0, 0], [mt_rand(1, 5), mt_rand(1, 5), mt_rand(1, 4)]), true, Clearance::even(0.0)),
            );
            $to = [mt_rand(-2, 10), mt_rand(-2, 9), mt_rand(-1, 6)];
            $solid = $input->tank->turned(Turn::all(true)[0])->solid;
            $least = null;
            for ($x = 0; $x <= $bayMm[0]; ++$x) {
                for ($y = 0; $y <= $bayMm[1]; ++$y) {
                    for ($z = 0; $z <= $bayMm[2]; ++$z) {
                        if (self::isFree($input, $solid, [$x, $y, $z], [0, 0, 0], [0, 0, 0])) {
                            $least = min($least ?? \INF, hypot(hypot($x - $to[0], $y - $to[1]), $z - $to[2]));
                        }
                    }
                }
            }
            $at = FreePlaces::of($input->tank->turned(Turn::all(true)[0]), $bayMm, ...$input->obstructions)->nearest($to);
            self::assertSame(null === $least, null === $at, (string) $seed);
            if (null !== $at) {
                self::assertTrue(self::isFree($input, $solid, $at, [0, 0, 0], [0, 0, 0]), (string) $seed);
                self::assertEqualsWithDelta($least, hypot(hypot($at[0] - $to[0], $at[1] - $to[1]), $at[2] - $to[2]), 1e-9, (string) $seed);
                ++$found;
            }
        }
        self::assertGreaterThan(150, $found);
    }

    private static function fit(string $json): BayFit
    {
        $in = InputReader::of(Json::decode($json));
        $input = BayFitInput::read($in);
        $in->throwIfInvalid();

        return BayFitCalculator::calculate($input);
    }

    /**
     * @param array{int, int, int} $low how far the walls of low x, y, z have moved out
     * @param array{int, int, int} $high
     *
     * @return array{float, float}|null the least height and, there, the least distance
     */
    private static function byTrying(BayFitInput $input, array $low, array $high): ?array
    {
        $best = null;
        $solids = array_map(static fn (Turn $turn): array => $input->tank->turned($turn)->solid, Turn::all($input->tank->upright));
        foreach (array_unique($solids, \SORT_REGULAR) as $solid) {
            for ($z = -$low[2]; $z <= $input->bayMm[2] + $high[2]; ++$z) {
                for ($x = -$low[0]; $x <= $input->bayMm[0] + $high[0]; ++$x) {
                    for ($y = -$low[1]; $y <= $input->bayMm[1] + $high[1]; ++$y) {
                        $here = [(float) $z, hypot($x, $y)];
                        if ((null === $best || $here < $best) && self::isFree($input, $solid, [$x, $y, $z], $low, $high)) {
                            $best = $here;
                        }
                    }
                }
            }
        }

        return $best;
    }

    /**
     * @param list<Box> $solid
     * @param array{float, float, float} $at
     * @param array{int, int, int} $low
     * @param array{int, int, int} $high
     */
    private static function isFree(BayFitInput $input, array $solid, array $at, array $low, array $high): bool
    {
        foreach ($solid as $box) {
            $box = $box->moved($at);
            foreach ([0, 1, 2] as $axis) {
                if ($box->low[$axis] < -$low[$axis] || $box->high[$axis] > $input->bayMm[$axis] + $high[$axis]) {
                    return false;
                }
            }
            foreach ($input->obstructions as $other) {
                if ($box->low[0] < $other->high[0] && $other->low[0] < $box->high[0] && $box->low[1] < $other->high[1] && $other->low[1] < $box->high[1] && $box->low[2] < $other->high[2] && $other->low[2] < $box->high[2]) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function missingByTrying(string $json): ?float
    {
        $input = BayFitInput::read(InputReader::of(Json::decode($json)));
        for ($by = 1; $by <= 14; ++$by) {
            foreach ([0, 1, 2] as $axis) {
                $out = [0, 0, 0];
                $out[$axis] = $by;
                if (null !== self::byTrying($input, $out, [0, 0, 0]) || null !== self::byTrying($input, [0, 0, 0], $out)) {
                    return (float) $by;
                }
            }
        }

        return null;
    }
}
