<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Payload;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Payload\Axle;
use YardCask\Core\Payload\BoatPayloadCalculator;
use YardCask\Core\Payload\BoatRig;
use YardCask\Core\Payload\BoatTank;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\Payload;
use YardCask\Core\Payload\RoadPayloadCalculator;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\TrailerPayloadCalculator;
use YardCask\Core\Payload\TrailerRig;

/** What holds for every load. */
final class PayloadLawsTest extends TestCase
{
    use TestTrait;

    private static function road(float $grossKg, float $rearLimitKg, float $litres, float $tankXM, float $gearKg = 150.0): Payload
    {
        return RoadPayloadCalculator::calculate(
            new RoadRig(
                $grossKg,
                3.4,
                new Axle(1450, 1850),
                new Axle(1400, $rearLimitKg),
                1.7,
                [new Mass('gear', $gearKg, 3.9, 0.3)],
                [new LoadedTank('tank', $litres, 9, $tankXM, -0.6)],
            ),
        );
    }

    private static function trailer(float $grossKg, float $noseLimitKg, float $litres, float $tankXM): Payload
    {
        return TrailerPayloadCalculator::calculate(
            new TrailerRig($grossKg, 1000, 60, $noseLimitKg, 3.3, 1400, [], [new LoadedTank('tank', $litres, 6, $tankXM, 0)]),
        );
    }

    public function testWhatIsAllowedReallyIsAndALitreMoreIsNot(): void
    {
        $this->forAll(Generators::choose(2900, 3600), Generators::choose(1500, 2000), Generators::choose(10, 400), Generators::choose(-5, 50))
            ->then(static function (int $grossKg, int $limitKg, int $litres, int $decimetres): void {
                foreach ([self::road($grossKg, $limitKg, $litres, $decimetres / 10), self::trailer($grossKg / 2.6, $limitKg / 20, $litres, $decimetres / 10)] as $payload) {
                    $fill = $payload->maxFill();
                    $over = static fn (float $fraction): array => array_values(
                        array_filter($payload->limits(), static fn (FillLimit $limit): bool => $limit->spareAt($fraction) < -1e-6),
                    );
                    $brokenEmpty = [] !== $over(0.0);
                    self::assertSame($brokenEmpty, [] !== $over($fill->fraction), 'Allowed is allowed, unless a limit is broken empty.');
                    if (LimitName::None === $fill->limitedBy) {
                        self::assertSame(1.0, $fill->fraction);
                    } else {
                        self::assertNotSame([], $over(min(1.0, $fill->fraction + 1 / $litres)), 'A litre more is not allowed.');
                    }
                    self::assertEqualsWithDelta($fill->fraction * $litres, $fill->litres, 1e-9);
                }
            });
    }

    public function testWeightsOnTheAxlesAddUpToTheWhole(): void
    {
        $this->forAll(Generators::choose(0, 500), Generators::choose(-10, 60))->then(static function (int $litres, int $decimetres): void {
            foreach ([self::road(9000, 9000, $litres, $decimetres / 10), self::trailer(9000, 900, $litres, $decimetres / 10)] as $payload) {
                [$whole, $one, $other] = $payload->limits();
                foreach ([0.0, 0.4, 1.0] as $fill) {
                    self::assertEqualsWithDelta($whole->kgAt($fill), $one->kgAt($fill) + $other->kgAt($fill), 1e-6);
                }
            }
        });
    }

    public function testALimitBrokenByAnEmptyTankAllowsNothing(): void
    {
        $fill = self::road(2800, 1900, 100, 1.0)->maxFill();
        self::assertSame([0.0, 0.0, LimitName::Gross], [$fill->fraction, $fill->litres, $fill->limitedBy]);
    }

    public function testABoatWithoutStabilityHasNoHeel(): void
    {
        $boat = static fn (float $widthM) => BoatPayloadCalculator::calculate(
            new BoatRig(500, 0.3, 400, [], [new BoatTank(new LoadedTank('bilge', 60, 4, 0, 0.1), 2.0, $widthM)]),
        );
        self::assertNull($boat(1.4)->heelDeg);
        self::assertLessThan(0, $boat(1.4)->gmEffectiveM);
        self::assertGreaterThan(0, $boat(0.5)->heelDeg);
    }
}
