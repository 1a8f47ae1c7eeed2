<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Tank;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Tank\BoxShape;
use YardCask\Core\Tank\LyingCylinderShape;
use YardCask\Core\Tank\ProfileShape;
use YardCask\Core\Tank\TankInput;
use YardCask\Core\Tank\TankShape;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Tank\UprightCylinderShape;
use YardCask\Core\Tank\WheelArchShape;

/** Volumes and levels that can be checked with a pencil. */
final class TankVolumeTest extends TestCase
{
    /** @return iterable<string, array{TankInput, float, float, float, float}> tank; gross, below the outlet, above the overflow, usable, in litres */
    public static function volumes(): iterable
    {
        yield 'a box' => [new TankInput(new BoxShape(1000, 500, 200), 0, 200), 100.0, 0.0, 0.0, 100.0];
        yield 'a box with its fittings' => [new TankInput(new BoxShape(1000, 500, 200), 20, 190), 100.0, 10.0, 5.0, 85.0];
        yield 'a box with baffles' => [new TankInput(new BoxShape(1000, 500, 200), 20, 190, 0.1), 90.0, 9.0, 4.5, 76.5];
        yield 'an upright cylinder' => [new TankInput(new UprightCylinderShape(200, 1000), 100, 900), 10 * \M_PI, \M_PI, \M_PI, 8 * \M_PI];
        yield 'a lying cylinder, half below its outlet' => [new TankInput(new LyingCylinderShape(200, 1000), 100, 200), 10 * \M_PI, 5 * \M_PI, 0.0, 5 * \M_PI];
        yield 'over a wheel arch' => [
            new TankInput(new WheelArchShape(new BoxShape(1000, 500, 300), new BoxShape(400, 500, 100)), 0, 300),
            130.0,
            0.0,
            0.0,
            130.0,
        ];
        yield 'over a wheel arch, its outlet on the arch' => [
            new TankInput(new WheelArchShape(new BoxShape(1000, 500, 300), new BoxShape(400, 500, 100)), 100, 300),
            130.0,
            30.0,
            0.0,
            100.0,
        ];
        yield 'as measured by filling it' => [
            new TankInput(new ProfileShape([['heightMm' => 100.0, 'litres' => 10.0], ['heightMm' => 300.0, 'litres' => 50.0]]), 50, 200),
            50.0,
            5.0,
            20.0,
            25.0,
        ];
    }

    #[DataProvider('volumes')]
    public function testWhatATankHoldsAndWhatOfItCanBeUsed(TankInput $tank, float $grossL, float $belowL, float $aboveL, float $usableL): void
    {
        $volume = TankVolumeCalculator::calculate($tank);
        self::assertEqualsWithDelta(
            [$grossL, $belowL, $aboveL, $usableL, $belowL + $usableL],
            [$volume->grossL, $volume->belowOutletL, $volume->aboveOverflowL, $volume->usableL, $volume->fullL()],
            1e-9,
        );
    }

    /** @return iterable<string, array{TankShape, float, float, list<float>, list<float>}> shape, outlet, overflow, marks, and the heights to cut them at */
    public static function marks(): iterable
    {
        yield 'evenly in a box' => [new BoxShape(1000, 500, 200), 0, 200, [0.25, 0.5, 0.75], [50.0, 100.0, 150.0]];
        yield 'between outlet and overflow' => [new BoxShape(1000, 500, 200), 20, 180, [0.0, 0.5, 1.0], [20.0, 100.0, 180.0]];
        yield 'half of a lying cylinder is at its middle' => [new LyingCylinderShape(400, 900), 0, 400, [0.5], [200.0]];
        yield 'the first litres over a wheel arch stand higher' => [
            new WheelArchShape(new BoxShape(1000, 500, 300), new BoxShape(400, 500, 100)),
            0,
            300,
            [3 / 13, 8 / 13],
            [100.0, 200.0],
        ];
        yield 'as measured' => [
            new ProfileShape([['heightMm' => 100.0, 'litres' => 10.0], ['heightMm' => 300.0, 'litres' => 50.0]]),
            0,
            300,
            [0.1, 0.2, 0.6],
            [50.0, 100.0, 200.0],
        ];
    }

    /**
     * @param list<float> $fractions
     * @param list<float> $heightsMm
     */
    #[DataProvider('marks')]
    public function testMarksStandWhereThatShareOfTheUsableIsLeft(
        TankShape $shape,
        float $outletMm,
        float $overflowMm,
        array $fractions,
        array $heightsMm,
    ): void {
        $volume = TankVolumeCalculator::calculate(new TankInput($shape, $outletMm, $overflowMm, 0.0, $fractions));
        self::assertEqualsWithDelta($heightsMm, array_column($volume->marks, 'heightMm'), 1e-6);
        self::assertEqualsWithDelta(
            array_map(static fn (float $heightMm): float => $shape->heightMm() - $heightMm, $heightsMm),
            array_column($volume->marks, 'probeFromTopMm'),
            1e-6,
        );
    }

    public function testTheLevelOfSomeLitresIsFoundFromTheFloorToTheLidAndNoFurther(): void
    {
        $tank = new TankInput(new BoxShape(1000, 500, 200), 20, 180);
        self::assertEqualsWithDelta(
            [0.0, 50.0, 200.0, 200.0, 0.0],
            array_map(static fn (float $litres): float => TankVolumeCalculator::levelMm($tank, $litres), [0.0, 25.0, 100.0, 500.0, -3.0]),
            1e-9,
        );
    }
}
