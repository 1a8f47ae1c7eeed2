<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Tank;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Tank\BoxShape;
use YardCask\Core\Tank\LyingCylinderShape;
use YardCask\Core\Tank\ProfileShape;
use YardCask\Core\Tank\TankInput;
use YardCask\Core\Tank\TankShape;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Tank\UprightCylinderShape;
use YardCask\Core\Tank\WheelArchShape;

/** What holds for every tank, whatever its shape and sizes. */
final class TankLawsTest extends TestCase
{
    use TestTrait;

    /** @return list<TankShape> one of each shape, about $a by $b by $c mm */
    private static function shapes(float $a, float $b, float $c): array
    {
        return [
            new BoxShape($a, $b, $c),
            new UprightCylinderShape($a, $c),
            new LyingCylinderShape($c, $a),
            new WheelArchShape(new BoxShape($a, $b, $c), new BoxShape($a * 0.6, $b, $c * 0.5)),
            new ProfileShape([['heightMm' => $c * 0.3, 'litres' => $a / 40], ['heightMm' => $c, 'litres' => $a / 10]]),
        ];
    }

    public function testVolumeRisesWithTheLevelFromNothingToTheWhole(): void
    {
        $size = Generators::choose(50, 3000);
        $this->forAll($size, $size, $size)->then(static function (int $a, int $b, int $c): void {
            foreach (self::shapes($a, $b, $c) as $shape) {
                $last = -1e-9;
                for ($step = 0; $step <= 40; ++$step) {
                    $litres = $shape->litresBelow($shape->heightMm() * $step / 40);
                    self::assertGreaterThan($last, $litres + (0 === $step ? 1e-9 : 0), $shape::class);
                    $last = $litres;
                }
                self::assertEqualsWithDelta(0.0, $shape->litresBelow(0.0), 1e-9, $shape::class);
            }
        });
    }

    public function testMarksStandInOrderWithinTheUsableRangeAndHoldTheirShare(): void
    {
        $size = Generators::choose(50, 3000);
        $percent = Generators::choose(0, 40);
        $this->forAll($size, $size, $size, $percent, $percent)->then(static function (int $a, int $b, int $c, int $low, int $high): void {
            foreach (self::shapes($a, $b, $c) as $shape) {
                $outletMm = $shape->heightMm() * $low / 100;
                $overflowMm = $shape->heightMm() * (1 - $high / 100);
                $volume = TankVolumeCalculator::calculate(new TankInput($shape, $outletMm, $overflowMm, 0.05));
                self::assertEqualsWithDelta($volume->grossL, $volume->belowOutletL + $volume->usableL + $volume->aboveOverflowL, 1e-6 * $volume->grossL);
                $lastMm = $outletMm;
                foreach ($volume->marks as $mark) {
                    self::assertGreaterThan($lastMm, $mark->heightMm, $shape::class);
                    self::assertLessThan($overflowMm, $mark->heightMm, $shape::class);
                    self::assertEqualsWithDelta(
                        $volume->belowOutletL + $mark->usableL,
                        0.95 * $shape->litresBelow($mark->heightMm),
                        1e-6 * $volume->grossL,
                        $shape::class,
                    );
                    $lastMm = $mark->heightMm;
                }
            }
        });
    }

    public function testAProfileIsLinearBetweenItsPointsAndFromAnEmptyFloorToTheFirst(): void
    {
        $shape = new ProfileShape([['heightMm' => 100.0, 'litres' => 10.0], ['heightMm' => 200.0, 'litres' => 40.0]]);
        self::assertSame([0.0, 5.0, 10.0, 25.0, 40.0], array_map($shape->litresBelow(...), [0.0, 50.0, 100.0, 150.0, 200.0]));
    }
}
