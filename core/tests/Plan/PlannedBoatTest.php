<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Tests\SamplePlans;

/** How far a place of a boat lies over the water when she heels. */
final class PlannedBoatTest extends TestCase
{
    /** @return iterable<string, array{float|null, float, float, float}> how far she heels, height over the water upright, place across, and what is left */
    public static function places(): iterable
    {
        yield 'in the middle it comes nearer by the cosine' => [30.0, 0.2, 0.0, 0.2 * 0.8660254];
        yield 'to a side it goes under' => [30.0, 0.2, 0.5, 0.2 * 0.8660254 - 0.25];
        yield 'to either side' => [30.0, 0.2, -0.5, 0.2 * 0.8660254 - 0.25];
        yield 'as is usual where nobody has said it' => [null, 0.1, 0.4, 0.1 * 0.9396926 - 0.4 * 0.3420201];
    }

    #[DataProvider('places')]
    public function testAPlaceOverTheWater(?float $heelDeg, float $overM, float $acrossM, float $leftM): void
    {
        $boat = self::boat(['heelDeg' => $heelDeg, 'draughtM' => 0.9]);
        self::assertEqualsWithDelta($leftM, $boat->aboveWaterM(0.9 + $overM, $acrossM), 1e-6);
    }

    #[DataProvider('places')]
    public function testHeightAndPlaceAcrossAreFoundFromWhatIsToBeLeft(?float $heelDeg, float $overM, float $acrossM, float $leftM): void
    {
        $boat = self::boat(['heelDeg' => $heelDeg, 'draughtM' => 0.9]);
        self::assertEqualsWithDelta(0.9 + $overM, $boat->heightOverWaterM($leftM, $acrossM), 1e-6);
        self::assertEqualsWithDelta(abs($acrossM), $boat->asideOverWaterM($leftM, 0.9 + $overM), 1e-6);
        self::assertLessThan(0, $boat->asideOverWaterM(10.0, 0.9 + $overM), 'So high over the water nothing of it stands.');
    }

    public function testWithoutADraughtNobodyKnows(): void
    {
        self::assertNull(self::boat(['draughtM' => null])->aboveWaterM(1.0, 0.0));
    }

    /** @param array<string, mixed> $changes */
    private static function boat(array $changes): PlannedBoat
    {
        $boat = SamplePlans::demos()['petrel']->load->rig;

        return PartFields::changed($boat instanceof PlannedBoat ? $boat : self::fail('Petrel is a boat.'), $changes);
    }
}
