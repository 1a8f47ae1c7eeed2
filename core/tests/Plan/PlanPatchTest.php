<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Tests\SamplePlans;

/** Patches as the core applies them, against a library that knows nothing of plans. */
final class PlanPatchTest extends TestCase
{
    /** @return iterable<string, array{PlanPatch}> */
    public static function patches(): iterable
    {
        $fellside = SamplePlans::fellside();
        yield 'a number deep in the plan' => [PlanPatch::replace('/load/rig/axles/1/limit_kg', 2000)];
        yield 'a part of a list' => [PlanPatch::replace('/tanks/1/x_m', 2.5)];
        yield 'a name at the top' => [PlanPatch::replace('/name', 'Renamed')];
        yield 'a key that was not there' => [PlanPatch::add('/tanks/0/travel_fill', 0.5)];
        yield 'a part at the end' => [
            PlanPatch::append(
                '/tanks',
                $fellside->tanks[2]->movedTo(1.0, 0.4)->sized(300, 300)->named('Second tank'),
            )->and(PlanPatch::replace('/tanks/3/id', 'second')),
        ];
        yield 'a part removed' => [PlanPatch::remove('/load/loads/1')];
        yield 'one after another, with the places as they are by then' => [
            PlanPatch::remove('/tanks/0')->and(PlanPatch::replace('/tanks/0/name', 'The first can'))->and(PlanPatch::replace('/use/days', 2)),
        ];
    }

    #[DataProvider('patches')]
    public function testChangesAPlanAsRfc6902Says(PlanPatch $patch): void
    {
        $plan = SamplePlans::fellside();
        $before = $plan->toJson();
        self::assertSame(Plan::read(SamplePlans::patched($plan, Json::encode($patch)))->toJson(), $patch->applyTo($plan)->toJson());
        self::assertSame($before, $plan->toJson(), 'The plan given is not touched.');
    }

    public function testAPatchThatMakesThePlanInvalidIsRefusedWithItsPlace(): void
    {
        foreach (['/use/days' => 0, '/tanks/0/ports/3/up_mm' => 360, '/load/rig/axles/0/limit_kg' => 'much'] as $path => $value) {
            try {
                PlanPatch::replace($path, $value)->applyTo(SamplePlans::fellside());
                self::fail($path.' was taken.');
            } catch (InvalidInput $e) {
                self::assertSame($path, $e->errors[0]->pointer);
            }
        }
    }

    public function testAPatchIsAppliedAsJsonPatchSays(): void
    {
        $plan = SamplePlans::fellside();
        $patch = PlanPatch::replace('/use/days', 4)->and(PlanPatch::remove('/tanks/1'))->and(PlanPatch::append('/tanks', SamplePlans::fellside()->tanks[1]));
        $ours = $patch->applyTo($plan);
        $theirs = Plan::read(SamplePlans::patched($plan, Json::encode($patch)));
        self::assertSame($theirs->toJson(), $ours->toJson());
        self::assertSame(['tail', 'waste', 'drink-cans'], array_map(static fn ($tank): string => $tank->id, $ours->tanks));
    }
}
