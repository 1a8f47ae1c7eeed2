<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Tests\SamplePlans;

/** Where what is added or moved comes to stand. */
final class FreePlaceTest extends TestCase
{
    public function testCansAlikeAreOneEntryInARowInTheMiddleOfTheFloor(): void
    {
        $plan = SamplePlans::fellside();
        $cans = FreePlace::addCans($plan, WaterKind::Fresh, 3)?->applyTo($plan)->tanks[3];
        self::assertSame(['can-1', 'Cans', 3.0, 2.0, 0.0, 0.62], [$cans?->id, $cans?->name, $cans?->count, $cans?->xM, $cans?->yM, $cans?->zM]);
    }

    public function testATankThatIsMovedLeavesTheOthersWhereTheyAre(): void
    {
        $plan = SamplePlans::fellside();
        $more = FreePlace::addTank($plan, WaterKind::Fresh, 60.0)?->applyTo($plan) ?? self::fail('There is room for a tank.');
        $moved = FreePlace::settled($plan->tanks[1], $more) ?? self::fail('There is room for two cans.');
        self::assertSame('drink-cans', $moved->id);
        self::assertTrue(FreePlace::isFree($moved, Obstacles::to($moved, $more)));
        self::assertLessThan(0.6, abs($moved->yM));
    }

    public function testAFullRigTakesNoMore(): void
    {
        $plan = SamplePlans::fellside();
        $front = $plan->tanks[0]->sized(4000.0, 1990.0)->movedTo(1.05, 0.0);
        $full = Plan::read(
            SamplePlans::patched(
                $plan,
                '[{"op":"replace","path":"/tanks","value":'.Json::encode([$front]).'},{"op":"add","path":"/tanks/-","value":'.Json::encode(
                    PartFields::changed($plan->tanks[0], ['ports' => []])->sized(1890.0, 1990.0)->movedTo(4.0, 0.0)->named('Rear tank'),
                ).'},{"op":"replace","path":"/tanks/1/id","value":"rear"}]',
            ),
        );
        self::assertNull(FreePlace::settled($plan->tanks[1], $full));
        self::assertNull(FreePlace::addCans($full, WaterKind::Drinking, 1));
        self::assertSame([], Assessor::assess($full)->stages['tanks']->additions);
    }

    public function testIdsAndNamesAreNotGivenTwiceWhateverUsesThem(): void
    {
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"replace","path":"/use/uses/0/id","value":"can-1"},{"op":"replace","path":"/load/loads/0/id","value":"can-2"},{"op":"replace","path":"/load/seats/0/id","value":"can-3"},{"op":"replace","path":"/tanks/0/name","value":"Can"}]',
            ),
        );
        $can = FreePlace::addCans($plan, WaterKind::Fresh, 1)?->applyTo($plan)->tanks[3];
        self::assertSame(['can-4', 'Can 2'], [$can?->id, $can?->name]);
    }

    public function testATankIsMovedPastOneThatStandsInItsWay(): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/tanks/1/x_m","value":3.3},{"op":"remove","path":"/tanks/0/bay"}]'));
        $moved = self::fix($plan, 'load.rear-over', 'Move Tail tank')->patch->applyTo($plan);
        self::assertLessThanOrEqual(3.3 - 0.25 - 0.475, $moved->tanks[0]->xM, 'Not into the cans, which stand where it would have been enough.');
        self::assertSame(-0.78, $moved->tanks[0]->yM);
    }

    public function testALongerTankIsKeptInsideTheRig(): void
    {
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"replace","path":"/load/rig/axles/1/limit_kg","value":2200},{"op":"replace","path":"/load/rig/gross_limit_kg","value":3900}]',
            ),
        );
        $longer = self::fix($plan, 'use.short', 'Make Tail tank')->patch->applyTo($plan)->tanks[0];
        self::assertSame([1110.0, 4.345], [$longer->lengthMm, $longer->xM]);
    }

    public function testCansInARowAreInTheWayAlongTheirWholeLength(): void
    {
        $can = SamplePlans::fellside()->tanks[1];
        self::assertSame(500.0, $can->rowMm());
        self::assertGreaterThan(
            0.0,
            $can->body()->overlapMm(
                (new PlannedTank('x', 'X', $can->form, $can->shape, $can->holds, 1.0, 100.0, 100.0, 100.0, 0.0, 100.0, 0.0, 1.0, 2.42, -0.8, 0.62, true, true))->body(),
            ),
        );
    }

    /** What a card offers for each tank leads to a plan again, and a bay chosen after another is as if it had been chosen at once. */
    public function testATankIsTurnedAndPutIntoAnyBay(): void
    {
        foreach (SamplePlans::all() as $name => $plan) {
            foreach (Assessor::drawn($plan, 'tanks')->drawing->tanks as $index => $section) {
                $turned = $section->detail->turn->applyTo($plan)->tanks[$index];
                self::assertSame([$plan->tanks[$index]->widthMm, $plan->tanks[$index]->lengthMm], [$turned->lengthMm, $turned->widthMm], $name);
                $step = $plan;
                foreach ($section->detail->bays as $option) {
                    $step = $option->patch->applyTo($step);
                    self::assertSame($option->value, $step->tanks[$index]->bay, $name);
                    self::assertSame($option->patch->applyTo($plan)->toJson(), $step->toJson(), $name);
                }
            }
        }
    }

    private static function fix(Plan $plan, string $code, string $label): SentFix
    {
        $findings = array_filter(Assessor::assess($plan)->findings, static fn (SentFinding $finding): bool => $code === $finding->code);
        $fixes = array_merge(...array_map(static fn (SentFinding $finding): array => $finding->fixes, array_values($findings)));

        return array_values(
            array_filter($fixes, static fn (SentFix $fix): bool => str_starts_with($fix->label, $label)),
        )[0] ?? self::fail('Offered are: '.implode(', ', array_column($fixes, 'label')));
    }
}
