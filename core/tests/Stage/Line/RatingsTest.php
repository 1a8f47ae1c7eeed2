<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Line\Tube;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\RatedPeak;

/** What pipes and their joints stand at a temperature. */
final class RatingsTest extends TestCase
{
    /**
     * @return iterable<string, array{float, float|null, float, float}> °C it is made for, what it stands then, °C of the water, and what is left of 1000 kPa
     */
    public static function tubes(): iterable
    {
        yield 'cold' => [60.0, 500.0, 15.0, 1000.0];
        yield 'halfway' => [60.0, 500.0, 40.0, 750.0];
        yield 'as hot as it is made for' => [60.0, 500.0, 60.0, 500.0];
        yield 'no more is lost beyond' => [60.0, 500.0, 85.0, 500.0];
        yield 'nobody has said it' => [60.0, null, 60.0, 1000.0];
        yield 'made for cold water only' => [15.0, 500.0, 20.0, 1000.0];
        yield 'more hot than cold is not believed' => [60.0, 1500.0, 60.0, 1000.0];
    }

    #[DataProvider('tubes')]
    public function testAPipeStandsLessTheHotterItIs(float $madeForC, ?float $hotKpa, float $c, float $left): void
    {
        $tube = new Tube(12.0, new PartMake(1000.0, $madeForC, true, 0.1, 1.0), 400.0, 0.0, $hotKpa);
        self::assertEqualsWithDelta($left, $tube->standsKpa($c), 1e-9);
    }

    public function testAJointHoldsLessTheHotterItIsAndTheStrongerOneMoreAtEveryTemperature(): void
    {
        self::assertEqualsWithDelta(800 - 500 * 40 / 70, JoiningMethod::Clamp->holdsKpa(60.0), 1e-9);
        foreach (JoiningMethod::cases() as $joint) {
            foreach (range(5, 105, 5) as $c) {
                self::assertLessThanOrEqual($joint->holdsKpa($c - 5.0), $joint->holdsKpa((float) $c));
                self::assertGreaterThan($joint->holdsKpa((float) $c), $joint->stronger()?->holdsKpa((float) $c) ?? \INF);
            }
        }
    }

    public function testOfAPipeAndItsJointsTheWeakerIsNearerToItsRating(): void
    {
        $clamped = SampleLines::of(SystemType::StorageHeater)->tubed('Storage heater', 'out', ['joint' => JoiningMethod::Clamp]);
        $id = $clamped->pipe('Storage heater', 'out')->id;
        $rated = array_values(
            array_filter(Workings::over($clamped->plan)->of(LineWorkings::class)->rated(), static fn (RatedPeak $one): bool => $one->id() === $id),
        );
        self::assertSame([JoiningMethod::Clamp, null], array_column($rated, 'joint'));
        self::assertSame($rated[0]->peak, $rated[1]->peak);
        self::assertEqualsWithDelta(JoiningMethod::Clamp->holdsKpa($rated[0]->c), $rated[0]->ratingKpa, 1e-9);
        self::assertGreaterThan(50.0, $rated[0]->c, 'It is the hot water that comes to it.');
        // Where nobody has said how it is joined nothing is said of its joints.
        $unsaid = $clamped->tubed('Storage heater', 'out', ['joint' => null]);
        self::assertCount(
            1,
            array_filter(Workings::over($unsaid->plan)->of(LineWorkings::class)->rated(), static fn (RatedPeak $one): bool => $one->id() === $id),
        );
    }
}
