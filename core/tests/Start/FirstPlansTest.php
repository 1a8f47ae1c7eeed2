<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Start;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\WaterAboard;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Core\Tank\TankVolumeCalculator;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** A plan that the first answers make is one that a fitter would build: complete, within every limit, with nothing left that a part cures. */
final class FirstPlansTest extends TestCase
{
    /** What only measuring clears, or what nothing but another rig does. */
    private const KNOWN = [
        'load.not-weighed',
        'load.heights-not-counted',
        'tanks.bay-guessed',
        'load.estimate-tight',
        'load.reserve-thin',
        'load.heel',
        'load.over-refilled',
        'load.side-difference',
        'use.drains-outside',
        // Nobody can measure a line that is not there yet.
        'parts.length-assumed',
    ];

    /** What gives way where a rig cannot carry what so many people need. */
    private const GIVES_WAY = ['use.short', 'use.drinking-short', 'load.gross-over', 'load.front-over', 'load.rear-over', 'load.estimate-tight', 'tanks.waste-small', 'use.shower-missing'];

    /** @return iterable<string, array{array<string, mixed>}> every rig with the system that is usual in it, each way to stay, two people or one */
    public static function answers(): iterable
    {
        foreach (SamplePlans::choices()->rigs as $of => $rig) {
            foreach (['wild' => 3, 'mixed' => 3, 'sites' => 7] as $stay => $days) {
                $crew = 'mixed' === $stay ? 1 + $of % 2 : 2 - $of % 2;
                yield \sprintf('%d in a %s, %s', $crew, $rig->id, $stay) => [['rig' => $rig->id, 'stay' => $stay, 'days' => $days, 'crew' => $crew]];
            }
        }
    }

    /** @param array<string, mixed> $answers */
    #[DataProvider('answers')]
    public function testIsComplete(array $answers): void
    {
        $plan = self::started($answers);
        $found = Assessor::assess($plan, '-', SampleLines::stock())->findings;
        $will = array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity);
        self::assertSame([], array_column($will, 'title'), 'Nothing is worse than worth knowing.');
        self::assertSame([], array_values(array_diff(array_column($found, 'code'), self::KNOWN)));
        self::assertSame([], self::missing($plan));
        self::assertNotSame([], $plan->tanksThatHold(WaterKind::Waste));
        self::assertNotContains(PlannedUse::OUTSIDE, array_column($plan->use->uses, 'drainsTo'));
        // Nobody counts a shower that is not there, and no store is heated by what the rig has not.
        $showers = array_filter($plan->use->uses, static fn (PlannedUse $use): bool => 'shower' === $use->habit);
        $heads = array_filter(
            $plan->line->parts,
            static fn (PlannedPart $part): bool => PartKind::Shower === $part->kind || PartKind::OutsidePoint === $part->kind,
        );
        self::assertSame([] === $showers, [] === $heads);
    }

    /** @return iterable<string, array{array<string, mixed>}> every rig with every fourth system, each stay, crew and number of days among them */
    public static function everything(): iterable
    {
        foreach (SamplePlans::choices()->rigs as $of => $rig) {
            foreach (SystemType::cases() as $index => $system) {
                $answers = [
                    'rig' => $rig->id,
                    'system' => $system->value,
                    'stay' => ['wild', 'mixed', 'sites'][($of + $index) % 3],
                    'crew' => [1, 2, 4, 8][($of + intdiv($index, 3)) % 4],
                    'days' => [1, 3, 7][(intdiv($of, 3) + $index) % 3],
                ];
                if (0 === ($of + $index) % 4) {
                    yield implode(' ', $answers) => [$answers];
                }
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> vans with more people than they are made for */
    public static function crowded(): iterable
    {
        foreach (['small-van', 'van'] as $rig) {
            foreach ([4, 8] as $crew) {
                yield \sprintf('%d in a %s', $crew, $rig) => [['rig' => $rig, 'system' => 'pressure', 'stay' => 'mixed', 'crew' => $crew]];
            }
        }
    }

    /** @param array<string, mixed> $answers */
    #[DataProvider('crowded')]
    #[DataProvider('everything')]
    public function testIsCompleteOrSaysWhatGivesWay(array $answers): void
    {
        try {
            $plan = self::started($answers);
        } catch (InvalidInput $refused) {
            self::assertContains($answers['system'], ['can_gravity', 'gravity'], 'Only what wants a tank up high is refused.');
            self::assertSame('/system', $refused->errors[0]->pointer);

            return;
        }
        $found = Assessor::assess($plan, '-', SampleLines::stock())->findings;
        $grave = array_column(array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity), 'code');
        self::assertSame([], array_values(array_diff($grave, self::GIVES_WAY)));
        self::assertSame([], self::missing($plan));
    }

    /** @return iterable<string, array{array<string, mixed>}> rigs that carry what they are asked to only once their weights are shifted, or the waste is emptied first */
    public static function tight(): iterable
    {
        foreach ([['can_foot', 4, 3], ['can_foot', 4, 7], ['mains', 2, 7], ['filtered_fill', 4, 7]] as [$system, $crew, $days]) {
            yield $system.' '.$crew.' '.$days => [['rig' => 'small-van', 'system' => $system, 'stay' => 'mixed', 'crew' => $crew, 'days' => $days]];
        }
        // With the waste aboard, the weight of the adapters takes it over its limit, so the waste is emptied first.
        yield 'exchanger 8 3' => [['rig' => 'trailer', 'system' => 'exchanger', 'stay' => 'mixed', 'crew' => 8, 'days' => 3]];
    }

    /** @param array<string, mixed> $answers */
    #[DataProvider('tight')]
    public function testWhereTheWeightsCanBeShiftedForItThereIsAWasteTankAndNoLimitIsBroken(array $answers): void
    {
        $plan = self::started($answers);
        self::assertNotSame([], $plan->tanksThatHold(WaterKind::Waste));
        $found = Assessor::assess($plan, '-', SampleLines::stock())->findings;
        $grave = array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity);
        self::assertSame([], array_values(array_diff(array_column($grave, 'code'), ['load.estimate-tight', 'use.short'])));
    }

    public function testTheTanksOfABoatAreNamedAfterTheirBaysAreNotTinyAndSpillNothingWhenSheHeels(): void
    {
        $plan = self::started(['rig' => 'boat', 'system' => 'pressure', 'stay' => 'wild', 'crew' => 4]);
        $bays = array_column($plan->bays, 'name', 'id');
        $fresh = array_filter($plan->tanksThatHold(WaterKind::Fresh), static fn (PlannedTank $tank): bool => null !== $tank->bay);
        self::assertCount(2, $fresh);
        foreach ($fresh as $tank) {
            self::assertSame($bays[$tank->bay].' tank', $tank->name);
            self::assertGreaterThan(18.0, TankVolumeCalculator::calculate($tank->tankInput())->usableL);
        }
        self::assertNotContains('tanks.open-end-spills', array_column(Assessor::assess($plan, '-', SampleLines::stock())->findings, 'code'));
    }

    /** @param array<string, mixed> $answers */
    #[TestWith([['system' => 'storage_heater', 'stay' => 'wild', 'crew' => 1, 'days' => 7]])]
    #[TestWith([['system' => 'exchanger', 'stay' => 'mixed', 'crew' => 2, 'days' => 3]])]
    // The longest tank of the bilge gives enough only to its lid: what its overflow takes away is in a second one.
    #[TestWith([['system' => 'can_foot', 'stay' => 'mixed', 'crew' => 1, 'days' => 7]])]
    public function testHolesThatAreWiderThanWasThoughtHaveRoomAndTheWaterIsStillEnough(array $answers): void
    {
        $found = Assessor::assess(self::started(['rig' => 'small-boat'] + $answers), '-', SampleLines::stock())->findings;
        self::assertSame([], array_column(array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity), 'code'));
    }

    /** @param array<string, mixed> $answers */
    #[TestWith([['system' => 'pressure', 'stay' => 'wild', 'crew' => 1, 'days' => 7], 1.0])]
    #[TestWith([['system' => 'exchanger', 'stay' => 'mixed', 'crew' => 4, 'days' => 1], 2.0])]
    public function testATrailerHasAsManyWasteCansAsADayNeeds(array $answers, float $cans): void
    {
        $plan = self::started(['rig' => 'trailer'] + $answers);
        [$waste] = $plan->tanksThatHold(WaterKind::Waste);
        self::assertSame([TankMounting::Can, $cans], [$waste->form, $waste->count]);
        self::assertNotContains('use.drains-outside', array_column(Assessor::assess($plan, '-', SampleLines::stock())->findings, 'code'));
    }

    public function testTwoCansStandByTheAxlesOfATrailerSoThatTheCouplingCarriesThemAndTheFreshWater(): void
    {
        $plan = self::started(['rig' => 'twin-trailer', 'system' => 'pressure', 'stay' => 'wild', 'crew' => 4]);
        [$cans] = $plan->tanksThatHold(WaterKind::Waste);
        self::assertSame(2.0, $cans->count);
        self::assertEqualsWithDelta(4.65, $cans->xM, 1.2);
        $found = Assessor::assess($plan, '-', SampleLines::stock())->findings;
        self::assertSame([], array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity));
    }

    public function testNoTankIsMadeLongerForWaterThatTheRigMayNotCarry(): void
    {
        $plan = self::started(['rig' => 'large-boat', 'system' => 'can_foot', 'stay' => 'mixed', 'crew' => 8, 'days' => 7]);
        $workings = Workings::over($plan);
        self::assertContains('use.short', array_column(Assessor::assess($plan, '-', SampleLines::stock())->findings, 'code'));
        self::assertLessThan(1.15 * $workings->of(WaterAboard::class)->travelUsableL, $workings->of(TanksWorkings::class)->fullL(WaterKind::Fresh));
    }

    /** One long tank on the left could travel with 52 L only: the front axle carries no more there. */
    #[TestWith(['pressure'])]
    // Its heavier line makes it travel with half of it first, until weights are shifted.
    #[TestWith(['pressure_accumulator'])]
    public function testOfTanksThatAreFilledUpOnArrivalThoseAreTakenThatMayTravelFull(string $system): void
    {
        $workings = Workings::over(self::started(['rig' => 'bus', 'system' => $system, 'stay' => 'mixed', 'crew' => 8]));
        self::assertGreaterThan(380.0, $workings->of(WaterAboard::class)->travelUsableL);
    }

    /** The hold of the bus is 1.9 m wide. */
    public function testAWasteTankForLittleWaterIsNoSlabAcrossItsBay(): void
    {
        [$waste] = self::started(['rig' => 'bus', 'system' => 'pressure', 'stay' => 'mixed', 'crew' => 2, 'days' => 1])->tanksThatHold(WaterKind::Waste);
        self::assertSame('hold', $waste->bay);
        self::assertGreaterThan($waste->widthMm / 3, $waste->lengthMm);
        self::assertLessThan(40.0, $waste->lengthMm * $waste->widthMm * $waste->heightMm / 1e6);
    }

    /** What the fresh tanks give is gone before more could drain: 124 L for four people are two days. */
    public function testAWasteTankIsNoLargerThanWhatTheFreshWaterCanFill(): void
    {
        $plan = self::started(['rig' => 'off-roader', 'system' => 'pressure', 'stay' => 'mixed', 'crew' => 4, 'days' => 7]);
        $tanks = Workings::over($plan)->of(TanksWorkings::class);
        self::assertContains('use.short', array_column(Assessor::assess($plan, '-', SampleLines::stock())->findings, 'code'));
        self::assertSame(2.0, $plan->use->wasteDays);
        self::assertLessThanOrEqual($tanks->fullL(WaterKind::Fresh), $tanks->fullL(WaterKind::Waste));
    }

    /** A tank for a day leaves what a shower weighs; one for two days does not. */
    public function testWhereAShowerWasAskedForTheWasteTankLeavesRoomForIt(): void
    {
        $found = Assessor::assess(self::started(['rig' => 'pickup', 'system' => 'pressure', 'crew' => 4]), '-', SampleLines::stock())->findings;
        self::assertSame([], array_column(array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity), 'code'));
    }

    public function testWhatIsMendedAtAPumpCanBeShutOffAlsoWhereTheRigIsHeavy(): void
    {
        $plan = self::started(['rig' => 'van', 'system' => 'can_foot', 'stay' => 'wild', 'crew' => 4]);
        $found = array_column(Assessor::assess($plan, '-', SampleLines::stock())->findings, 'code');
        self::assertContains('load.estimate-tight', $found);
        self::assertNotContains('line.shut-off-missing', $found);
    }

    public function testAWasteTankHangsUnderTheFloorWhereThereIsABay(): void
    {
        $plan = self::started(['rig' => 'van', 'stay' => 'wild']);
        self::assertSame('under-left', $plan->tanksThatHold(WaterKind::Waste)[0]->bay);
    }

    public function testOnServicedSitesWaterIsCarriedForTheDayAndTheDrive(): void
    {
        $plan = self::started(['rig' => 'trailer', 'stay' => 'sites', 'days' => 7, 'crew' => 4]);
        self::assertSame(1.0, $plan->use->days);
        self::assertLessThan(45.0, Workings::over($plan)->of(TanksWorkings::class)->fullL(WaterKind::Fresh));
        self::assertSame(TankMounting::Can, $plan->tanksThatHold(WaterKind::Waste)[0]->form, 'It is rolled to the drain.');
    }

    public function testBelongingsAreAssumedAndSaidToBe(): void
    {
        $loads = array_column(self::started(['rig' => 'van', 'crew' => 3])->load->loads, 'kg', 'name');
        // 25 kg for each of three people, and 10 kg for each of 5.95 m.
        self::assertSame(['Belongings, assumed' => 75.0, 'Tools and gear, assumed' => 60.0], $loads);
    }

    /** @return list<string> the fittings that tanks do not have, and the tanks that nothing holds or nothing draws on */
    private static function missing(Plan $plan): array
    {
        $missing = [];
        foreach (Workings::over($plan)->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            if (!$working->isDrawn || null === $tank->straps) {
                $missing[] = $tank->name;
            }
            $wanted = match (true) {
                TankMounting::Fixed !== $tank->form => [],
                $tank->holds->takesWaste() => [PortRole::Vent, PortRole::Drain],
                default => [PortRole::Fill, PortRole::Vent, PortRole::Overflow, PortRole::Drain, PortRole::Outlet],
            };
            foreach ($wanted as $role) {
                if (null === $tank->portFor($role)) {
                    $missing[] = $tank->name.': '.$role->value;
                }
            }
        }

        return $missing;
    }

    /** @param array<string, mixed> $answers */
    private static function started(array $answers): Plan
    {
        $choices = SamplePlans::choices();
        $all = $answers + ['crew' => 2, 'stay' => 'mixed', 'habit' => 'ordinary', 'days' => 3];

        return PlanStarter::start(FirstAnswers::read((object) $all, $choices), $choices, SampleLines::book(), SampleLines::stock());
    }
}
