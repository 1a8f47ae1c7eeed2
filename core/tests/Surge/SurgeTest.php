<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Surge;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Surge\SurgeCalculator;
use YardCask\Core\Surge\SurgeInput;

final class SurgeTest extends TestCase
{
    /** @return iterable<string, array{SurgeInput, float, bool}> a box, the level at its open end in m, whether it spills */
    public static function boxes(): iterable
    {
        $box = static fn (float $litres, float $decel, float $grade = 0.0, float $port = 0.5, float $out = 0.0): SurgeInput => new SurgeInput(1.0, 0.5, 0.4, $litres, $decel, $grade, 1, $port, $out);
        yield 'at rest' => [$box(100, 0), 0.2, false];
        yield 'neither lid nor floor is reached' => [$box(100, 0.3), 0.35, false];
        yield 'a slope as steep' => [$box(100, 0, 30), 0.35, false];
        yield 'both together' => [$box(100, 0.1, 20), 0.35, false];
        yield 'pulling away: the surface falls towards the open end' => [$box(100, -0.3), 0.05, false];
        yield 'the floor lies bare: a wedge' => [$box(25, 0.5), sqrt(2 * 0.05 * 0.5), false];
        yield 'the lid is reached' => [$box(180, 0.3), 0.4 + 0.3 - sqrt(2 * 0.04 * 0.3), true];
        yield 'both: a strip from lid to floor' => [$box(100, 1), 0.5 + 0.4 / 2, true];
        yield 'the open end stands out, and the plane goes on' => [$box(100, 0.3, 0, 0.5, 0.6), 0.53, true];
        yield 'pressed full' => [$box(200, 0.2), 0.6, true];
        yield 'empty' => [$box(0, 0.9), 0.0, false];
    }

    #[DataProvider('boxes')]
    public function testTheSurfaceStandsWhereItsVolumePutsIt(SurgeInput $box, float $level, bool $spills): void
    {
        $surge = SurgeCalculator::calculate($box);
        self::assertEqualsWithDelta($level, $surge->endLevelM, 1e-9);
        self::assertSame($spills, $surge->spills);
    }

    public function testNoWaterIsLostOrGainedByTilting(): void
    {
        for ($seed = 1; $seed <= 1000; ++$seed) {
            mt_srand($seed);
            $box = new SurgeInput(mt_rand(20, 4000) / 1000, mt_rand(20, 4000) / 1000, mt_rand(20, 2000) / 1000, 0.0, mt_rand(1, 1500) / 1000, 0.0, 1, 9.0, 0.0);
            $litres = $box->capacityL() * mt_rand(1, 999) / 1000;
            $surge = SurgeCalculator::calculate(new SurgeInput($box->lengthM, $box->widthM, $box->heightM, $litres, $box->decelG, 0.0, 1, 9.0, 0.0));
            $strips = 4000;
            $sum = 0.0;
            for ($strip = 0; $strip < $strips; ++$strip) {
                $sum += min($box->heightM, max(0.0, $surge->endLevelM - $box->decelG * $box->lengthM * ($strip + 0.5) / $strips));
            }
            self::assertEqualsWithDelta($litres, 1000 * $sum * $box->lengthM / $strips * $box->widthM, $box->capacityL() / 1000, "seed {$seed}");
        }
    }

    public function testBafflesMakeTheSloshQuickerAndAnEmptyOrFullBoxHasNone(): void
    {
        $period = static fn (float $litres, float $cells): ?float => SurgeCalculator::calculate(
            new SurgeInput(1.2, 0.4, 0.3, $litres, 0.3, 0.0, $cells, 0.5, 0.0),
        )->periodS;
        self::assertGreaterThan($period(80, 2), $period(80, 1));
        self::assertGreaterThan($period(80, 4), $period(80, 2));
        // Shallow water runs as a wave at √(g·h): there and back in 2·c/√(g·h).
        self::assertEqualsWithDelta(2 * 1.2 / sqrt(9.80665 * 0.005), $period(2.4, 1), 1e-3);
        self::assertNull($period(0, 1));
        self::assertNull($period(144, 1));
    }
}
