<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\WheelLoad;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Tests\SamplePlans;

/** What stands on each wheel. */
final class WheelLoadsTest extends TestCase
{
    public function testTheWheelsOfBothAxlesMakeUpTheDifferenceOfTheSides(): void
    {
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"add","path":"/load/rig/axles/0/tyre_kg","value":1000},{"op":"add","path":"/load/rig/axles/1/tyre_kg","value":1000}]',
            ),
        );
        $workings = Workings::over($plan);
        $load = $workings->of(LoadWorkings::class);
        $loads = WheelLoads::of($workings);
        self::assertSame([0, 0, 1, 1], array_map(static fn (WheelLoad $one): int => $one->axleIndex, $loads));
        foreach ([[0, 2], [1, 3]] as [$front, $rear]) {
            $state = $loads[$front]->state;
            $difference = 0.0;
            foreach ([$front, $rear] as $index) {
                $one = $loads[$index];
                $axleKg = $load->limit(0 === $one->axleIndex ? LimitName::Front : LimitName::Rear)?->kgIn($state) ?? 0.0;
                $difference += ($one->right ? 1 : -1) * (2 * $one->kg - $axleKg);
            }
            $payload = $load->payloadIn($state);
            self::assertInstanceOf(RoadPayload::class, $payload);
            self::assertEqualsWithDelta($payload->sideDifferenceKg, $difference, 1e-6);
        }
    }

    /** The coupling turns: a trailer’s axle carries all that is aboard to one side. */
    public function testATrailerCarriesItsSidesOnItsAxleAlone(): void
    {
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::demos()['bothy'],
                '[{"op":"add","path":"/load/rig/axles/0/tyre_kg","value":700},{"op":"replace","path":"/tanks","value":[]},{"op":"replace","path":"/load/loads","value":[{"id":"a","name":"A","kg":100,"x_m":1.5,"y_m":0.33,"z_m":1}]}]',
            ),
        );
        $workings = Workings::over($plan);
        $axleKg = $workings->of(LoadWorkings::class)->limit(LimitName::Axle)?->kgIn(WheelLoads::of($workings)[0]->state) ?? 0.0;
        self::assertEqualsWithDelta($axleKg / 2 + 100 * 0.33 / 1.65, WheelLoads::of($workings)[0]->kg, 1e-9);
    }

    public function testWithoutATyresLimitNothingIsSaid(): void
    {
        foreach (SamplePlans::all() as $plan) {
            self::assertSame([], WheelLoads::of(Workings::over($plan)));
        }
    }
}
