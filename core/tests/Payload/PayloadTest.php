<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Payload;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Payload\Axle;
use YardCask\Core\Payload\BoatPayloadCalculator;
use YardCask\Core\Payload\BoatRig;
use YardCask\Core\Payload\BoatTank;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\RoadPayloadCalculator;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\TrailerPayloadCalculator;
use YardCask\Core\Payload\TrailerRig;

/** Loads on a rig with round figures: wheelbase 3 m and track 1.5 m, coupling to axle 4 m. */
final class PayloadTest extends TestCase
{
    /** @return iterable<string, array{float, float, float, float, float, float}> a load's kg and place; what it adds to front, rear, and right over left */
    public static function places(): iterable
    {
        yield 'over the front axle' => [90.0, 0.0, 0.0, 90.0, 0.0, 0.0];
        yield 'over the rear axle' => [90.0, 3.0, 0.0, 0.0, 90.0, 0.0];
        yield 'between the axles' => [90.0, 1.0, 0.0, 60.0, 30.0, 0.0];
        yield 'behind the rear axle it lifts the front' => [90.0, 4.0, 0.0, -30.0, 120.0, 0.0];
        yield 'before the front axle it lifts the rear' => [90.0, -1.0, 0.0, 120.0, -30.0, 0.0];
        yield 'over the right wheels' => [90.0, 0.0, 0.75, 90.0, 0.0, 90.0];
        yield 'half way to the left wheels' => [90.0, 0.0, -0.375, 90.0, 0.0, -45.0];
    }

    #[DataProvider('places')]
    public function testALoadRestsOnTheAxlesByItsLevers(float $kg, float $xM, float $yM, float $frontKg, float $rearKg, float $sideKg): void
    {
        $with = static fn (array $loads, array $tanks) => RoadPayloadCalculator::calculate(
            new RoadRig(3500, 3, new Axle(1000, 1800), new Axle(800, 1900), 1.5, $loads, $tanks),
        );
        foreach ([$with([new Mass('gear', $kg, $xM, $yM)], []), $with([], [new LoadedTank('tank', $kg - 10, 10, $xM, $yM)])] as $payload) {
            self::assertEqualsWithDelta(
                [1000 + $frontKg, 800 + $rearKg, $sideKg, 1800 + $kg],
                [$payload->front->kgAt(1), $payload->rear->kgAt(1), $payload->sideDifferenceKg, $payload->gross->kgAt(1)],
                1e-9,
            );
        }
    }

    /**
     * @return iterable<string, array{float, float, float, float, float, LimitName}> limits of gross, front and rear, the tank's place; litres of 100
     *                                                                               allowed, and what stops them
     */
    public static function limits(): iterable
    {
        yield 'all of it' => [2000.0, 1800.0, 1900.0, 1.5, 100.0, LimitName::None];
        yield 'just all of it' => [1900.0, 1800.0, 1900.0, 1.5, 100.0, LimitName::None];
        yield 'gross' => [1860.0, 1800.0, 1900.0, 1.5, 60.0, LimitName::Gross];
        yield 'front' => [2000.0, 1025.0, 1900.0, 1.5, 50.0, LimitName::Front];
        yield 'rear' => [2000.0, 1800.0, 820.0, 3.0, 20.0, LimitName::Rear];
        yield 'rear, behind the axle' => [2000.0, 1800.0, 860.0, 4.5, 40.0, LimitName::Rear];
        yield 'two at once: the first named' => [1850.0, 1025.0, 1900.0, 1.5, 50.0, LimitName::Gross];
        yield 'gross broken empty' => [1799.0, 1800.0, 1900.0, 1.5, 0.0, LimitName::Gross];
        yield 'front broken empty, though water would relieve it' => [2000.0, 990.0, 1900.0, 4.5, 0.0, LimitName::Front];
    }

    #[DataProvider('limits')]
    public function testTheFirstLimitStopsTheFill(float $grossKg, float $frontKg, float $rearKg, float $xM, float $litres, LimitName $by): void
    {
        $fill = RoadPayloadCalculator::calculate(
            new RoadRig($grossKg, 3, new Axle(1000, $frontKg), new Axle(800, $rearKg), 1.5, [], [new LoadedTank('tank', 100, 0, $xM, 0)]),
        )->maxFill();
        self::assertEqualsWithDelta([$litres, $litres / 100], [$fill->litres, $fill->fraction], 1e-9);
        self::assertSame($by, $fill->limitedBy);
    }

    public function testATrailersNoseCarriesWhatLiesBeforeItsAxle(): void
    {
        $trailer = static fn (float $xM) => TrailerPayloadCalculator::calculate(
            new TrailerRig(1500, 1000, 60, 100, 4, 1400, [], [new LoadedTank('tank', 100, 0, $xM, 0)]),
        );
        foreach ([[4.0, 60.0, 1040.0], [2.0, 110.0, 990.0], [5.0, 35.0, 1065.0]] as [$xM, $noseKg, $axleKg]) {
            $payload = $trailer($xM);
            self::assertEqualsWithDelta([$noseKg, $axleKg, $noseKg / 1100], [$payload->nose->kgAt(1), $payload->axle->kgAt(1), $payload->noseShareAt(1)], 1e-9);
        }
        self::assertEqualsWithDelta([80.0, LimitName::Nose], [$trailer(2.0)->maxFill()->litres, $trailer(2.0)->maxFill()->limitedBy], 1e-9);
    }

    public function testSlackWaterTakesStabilityAndASideTankHeels(): void
    {
        $boat = static fn (bool $slack, float $yM) => BoatPayloadCalculator::calculate(
            new BoatRig(1900, 1.0, 400, [], [new BoatTank(new LoadedTank('tank', 100, 0, 0, $yM), 1.2, 1.0, $slack)]),
        );
        self::assertEqualsWithDelta([0.05, 0.95, 0.0], [$boat(true, 0.0)->freeSurfaceM, $boat(true, 0.0)->gmEffectiveM, $boat(true, 0.0)->heelDeg], 1e-9);
        self::assertEqualsWithDelta([0.0, 1.0], [$boat(false, 0.0)->freeSurfaceM, $boat(false, 0.0)->gmEffectiveM], 1e-9);
        self::assertEqualsWithDelta(rad2deg(atan(100 * 0.5 / 2000)), $boat(false, 0.5)->heelDeg, 1e-9);
        self::assertEqualsWithDelta(-(float) $boat(true, 0.5)->heelDeg, $boat(true, -0.5)->heelDeg, 1e-9);
    }
}
