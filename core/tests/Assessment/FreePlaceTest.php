<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\FreePlace;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Tests\SamplePlans;

/** Where what is added or moved comes to stand. */
final class FreePlaceTest extends TestCase
{
    public function testCansStandInTheMiddleOfTheFloorAndBesideEachOther(): void
    {
        $plan = FreePlace::addCans(SamplePlans::fellside(), Supply::Main, 3)->applyTo(SamplePlans::fellside());
        $cans = \array_slice($plan->tanks, 3);
        self::assertSame([['can-1', 2.0, 0.0, 0.62], ['can-2', 2.0, -0.2, 0.62], ['can-3', 2.0, 0.2, 0.62]], array_map(static fn (PlannedTank $can): array => [$can->id, $can->xM, $can->yM, $can->zM], $cans));
    }

    public function testATankThatIsMovedLeavesTheOthersWhereTheyAre(): void
    {
        $plan = SamplePlans::fellside();
        $moved = FreePlace::settleAmong($plan->tanks[1], FreePlace::addTank($plan, 60.0)->applyTo($plan));
        self::assertSame('drink-1', $moved->id);
        self::assertTrue(FreePlace::isFree($moved, FreePlace::others($moved, $plan)));
        self::assertLessThan(0.6, abs($moved->yM));
    }

    public function testAFullRigStillGetsItsTankInTheMiddle(): void
    {
        $plan = SamplePlans::fellside();
        $front = $plan->tanks[0]->sized(4000.0, 1990.0)->movedTo(1.05, 0.0);
        $full = Plan::read(SamplePlans::patched($plan, '[{"op":"replace","path":"/tanks","value":'.Json::encode([$front]).'},{"op":"add","path":"/tanks/-","value":'.Json::encode($plan->tanks[0]->sized(1890.0, 1990.0)->movedTo(4.0, 0.0)).'},{"op":"replace","path":"/tanks/1/id","value":"rear"}]'));
        self::assertSame([2.0, 0.0], [FreePlace::settleAmong($plan->tanks[1], $full)->xM, FreePlace::settleAmong($plan->tanks[1], $full)->yM]);
    }

    public function testIdsAreNotGivenTwiceWhateverUsesThem(): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/use/uses/0/id","value":"can-1"},{"op":"replace","path":"/load/loads/0/id","value":"can-3"}]'));
        $more = FreePlace::addCans($plan, Supply::Main, 3)->applyTo($plan);
        self::assertSame(['can-2', 'can-4', 'can-5'], array_map(static fn (PlannedTank $can): string => $can->id, \array_slice($more->tanks, 3)));
    }

    public function testATankIsMovedPastOneThatStandsInItsWay(): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"replace","path":"/tanks/1/x_m","value":3.5},{"op":"replace","path":"/tanks/2/x_m","value":3.5}]'));
        $fixes = Assessor::assess($plan)->fixes[0];
        $moved = array_values(array_filter($fixes, static fn ($fix): bool => str_starts_with($fix->label, 'Move Tail tank')))[0]->patch->applyTo($plan);
        self::assertLessThanOrEqual(3.5 - 0.125 - 0.475, $moved->tanks[0]->xM, 'Not into the cans, which stand where it would have been enough.');
        self::assertSame(-0.78, $moved->tanks[0]->yM);
    }

    public function testALongerTankIsKeptInsideTheRig(): void
    {
        $fix = array_values(array_filter(Assessor::assess(SamplePlans::fellside())->fixes[1], static fn ($one): bool => str_starts_with($one->label, 'Make Tail tank')))[0];
        $longer = $fix->patch->applyTo(SamplePlans::fellside())->tanks[0];
        self::assertSame([1110.0, 4.395], [$longer->lengthMm, $longer->xM]);
    }
}
