<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Start;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Load\PlannedSeat;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Spoken\MeasuredFields;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Use\Drawing\UseDrawing;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\HabitLevel;
use YardCask\Core\Start\StartingRig;
use YardCask\Core\Start\TankPlacer;
use YardCask\Core\Tests\SamplePlans;

final class PlanStarterTest extends TestCase
{
    /** @return list<array{string}> */
    public static function rigs(): array
    {
        return [['van'], ['bus'], ['pickup'], ['trailer'], ['boat']];
    }

    public function testTheLongestUsualTankLeavesRoomForItsFittingsInItsBay(): void
    {
        $inABay = [];
        foreach (SamplePlans::choices()->rigs as $rig) {
            $tank = Box::at(
                [1000 * $rig->tankXM - $rig->tankMaxLengthMm / 2, 1000 * $rig->tankYM - $rig->tankWidthMm / 2, 1000 * $rig->tankZM],
                [$rig->tankMaxLengthMm, $rig->tankWidthMm, $rig->tankHeightMm],
            );
            foreach ($rig->bays as $bay) {
                $space = $bay->space($rig->rig);
                $out = $tank->beyond($space);
                if (max(...$out->low, ...$out->high) <= 0.001) {
                    $inABay[] = $rig->id;
                    self::assertGreaterThanOrEqual(59.99, $space->high[2] - $tank->high[2], $rig->id.': over it');
                    self::assertGreaterThanOrEqual(69.99, max($space->high[0] - $tank->high[0], $tank->low[0] - $space->low[0]), $rig->id.': at one end');
                }
            }
        }
        self::assertSame(['small-van', 'van', 'bus', 'pickup', 'trailer', 'twin-trailer', 'small-boat', 'boat', 'large-boat'], $inABay);
    }

    #[DataProvider('rigs')]
    public function testOrdinaryAnswersMakeAPlanThatWorks(string $rig): void
    {
        foreach (['mixed', 'wild'] as $stay) {
            $plan = Plan::fromJson(SamplePlans::started(['rig' => $rig, 'days' => 2, 'stay' => $stay])->toJson());
            $findings = array_filter(
                Assessor::assess($plan)->findings,
                static fn (SentFinding $finding): bool => Severity::Watch !== $finding->severity && 'load.estimate-tight' !== $finding->code,
            );
            self::assertSame([], array_column($findings, 'title'));
        }
    }

    /** One tank would be too heavy for this van with six aboard; cans weigh less and keep nothing back. */
    public function testWhereATankIsJustTooHeavyCansAreAboard(): void
    {
        $plan = SamplePlans::started(['rig' => 'van', 'crew' => 6, 'days' => 1, 'stay' => 'wild']);
        self::assertSame(['Cans', 5.0], [$plan->tanks[0]->name, $plan->tanks[0]->count]);
        self::assertTrue(TankPlacer::holds($plan));
    }

    /** Every rig, one to eight people, up to seven days, every habit and every way to stay. */
    public function testANewPlanHasNoStopAndNoShortageUnlessNoPlaceForOneOrTwoTanksWould(): void
    {
        $gaveUp = 0;
        $habits = HabitLevel::cases();
        $stays = StayStyle::cases();
        foreach (self::rigs() as [$rig]) {
            for ($crew = 1; $crew <= 8; ++$crew) {
                // An eighteenth of all combinations: each habit and each stay meets each crew and each number of days.
                foreach (0 === $crew % 2 ? [1, 3, 7] : [2, 5] as $days) {
                    $answers = [
                        'rig' => $rig,
                        'crew' => $crew,
                        'days' => $days,
                        'habit' => $habits[($crew + $days) % 3]->value,
                        'stay' => $stays[($crew + 2 * $days) % 3]->value,
                    ];
                    $plan = SamplePlans::started($answers);
                    $bad = array_values(
                        array_filter(
                            Assessor::assess($plan, '-')->findings,
                            static fn (SentFinding $finding): bool => Severity::Stop === $finding->severity
                                || \in_array(
                                    $finding->code,
                                    ['use.short', 'use.drinking-short', 'tanks.outside', 'tanks.collide', 'load.outside', 'load.seat-missing'],
                                    true,
                                ),
                        ),
                    );
                    if ([] === $bad) {
                        continue;
                    }
                    ++$gaveUp;
                    $place = self::placeThatHolds($plan, SamplePlans::choices()->rig($rig) ?? self::fail($rig));
                    self::assertNull(
                        $place,
                        Json::encode($answers).': '.implode('; ', array_column($bad, 'title')).', yet it holds with '.Json::encode($place),
                    );
                }
            }
        }
        self::assertGreaterThan(5, $gaveUp, 'Some answers ask for more than any rig carries.');
    }

    /**
     * A search that knows nothing of how a new plan is made: one tank, or two of half the litres, at every place in steps of
     * 100 mm along the rig and on both sides; the cans for drinking stay where the plan has them, as many as are needed.
     *
     * @return list<float>|null
     */
    private static function placeThatHolds(Plan $plan, StartingRig $starting): ?array
    {
        $workings = Workings::over($plan);
        $needL = $workings->of(UseWorkings::class)->need(Supply::Main)->carryL;
        $cans = array_values(array_filter($plan->tanks, static fn (PlannedTank $tank): bool => WaterKind::Drinking === $tank->holds));
        $rig = $plan->load->rig;
        $size = static fn (float $litres): PlannedTank => TankProposal::fixed(
            'tank-1',
            WaterKind::Fresh,
            $litres,
            $starting->tankWidthMm,
            $starting->tankHeightMm,
            $starting->tankMaxLengthMm,
            $plan->units,
        );
        $brimful = static function (array $tanks) use ($plan, $cans): Plan {
            return PartFields::changed($plan, ['tanks' => [...$tanks, ...$cans], 'load' => PartFields::changed($plan->load, ['travelFill' => 1.0])]);
        };
        $allowed = static function (Plan $candidate): bool {
            $greatest = Workings::over($candidate)->of(GreatestFill::class);
            $fill = $greatest->exists ? floor($greatest->fraction * 1000) / 1000 : 0.0;

            return TankPlacer::holds(
                PartFields::changed($candidate, ['load' => PartFields::changed($candidate->load, ['travelFill' => $fill])]),
            ) || TankPlacer::holds($candidate);
        };
        foreach ([$size($needL), $size($needL / 2)] as $number => $tank) {
            $fromM = $rig->bodyFromM() + $tank->lengthMm / 2000;
            $toM = $rig->bodyFromM() + $rig->sizes()->lengthM - $tank->lengthMm / 2000;
            $besideM = $rig->sizes()->widthM / 2 - $tank->widthMm / 2000;
            for ($xM = $fromM; $xM <= $toM; $xM += 0.1) {
                $at = static fn (string $id, float $alongM, float $yM): PlannedTank => PartFields::changed(
                    $tank,
                    ['id' => $id, 'xM' => $alongM, 'yM' => $yM, 'zM' => $starting->tankZM],
                );
                if (0 === $number) {
                    foreach ([-$besideM, 0.0, $besideM] as $yM) {
                        if ($allowed($brimful([$at('tank-1', $xM, $yM)]))) {
                            return [$xM, $yM];
                        }
                    }
                    continue;
                }
                for ($otherM = $xM; $otherM <= $toM && $otherM <= $xM + 0.15; $otherM += 0.1) {
                    if ($allowed($brimful([$at('tank-1', $xM, -$besideM), $at('tank-2', $otherM, $besideM)]))) {
                        return [$xM, $otherM];
                    }
                }
            }
        }

        return null;
    }

    /** @return list<array{string, string, int}> rig, answers, people in the Load stage */
    public static function crews(): array
    {
        return [['van', '6', 6], ['bus', '6', 6], ['bus', '12', 12], ['pickup', '5', 5], ['boat', '3', 3], ['trailer', '4', 0]];
    }

    #[DataProvider('crews')]
    public function testEverybodyOfTheUseStageSitsInTheLoadStage(string $rig, string $crew, int $people): void
    {
        $plan = SamplePlans::started(['rig' => $rig, 'crew' => $crew]);
        self::assertCount($people, $plan->load->seats);
        self::assertEqualsWithDelta(80.0 * $people, Assessor::assess($plan)->figures['load.people']->value, 1e-9);
        $places = array_map(static fn (PlannedSeat $seat): string => $seat->xM.' '.$seat->yM, $plan->load->seats);
        self::assertSame($places, array_unique($places), 'Nobody sits on somebody else.');
        // Two more travel than there are seats: they are counted all the same.
        $more = Plan::read(SamplePlans::patched($plan, '[{"op":"replace","path":"/use/crew","value":'.((int) $crew + 2).'}]'));
        self::assertEqualsWithDelta(0 === $people ? 0.0 : 80.0 * ($people + 2), Assessor::assess($more)->figures['load.people']->value, 1e-9);
    }

    public function testANewPlanIsRoundInTheUnitsThatWereChosen(): void
    {
        $plan = SamplePlans::started(['volume' => 'US gal', 'length' => 'in', 'mass' => 'lb', 'crew' => 3]);
        foreach (MeasuredFields::of($plan) as $pointer => $field) {
            $shown = Quantity::of($field->value ?? 0.0, $field->named->is->unit)->in($plan->units->for($field->named->is->kind));
            $step = match (true) {
                str_starts_with($pointer, '/tanks/') && \in_array($plan->tanks[(int) $pointer[7]]->form, [TankMounting::Can], true) => null,
                Unit::Inch === $plan->units->for($field->named->is->kind) && str_ends_with($pointer, '_mm') => 0.0625,
                Unit::Inch === $plan->units->for($field->named->is->kind) && !str_starts_with($pointer, '/tanks/') => 0.5,
                Unit::Pound === $plan->units->for($field->named->is->kind) => str_starts_with($pointer, '/tanks/') ? 0.1 : 1.0,
                Unit::UsGallon === $plan->units->for($field->named->is->kind) => 0.05,
                default => null,
            };
            if (null !== $step) {
                self::assertEqualsWithDelta(round($shown / $step) * $step, $shown, 1e-3, $pointer);
            }
        }
    }

    public function testAnotherWayToStayChangesWhatItChangesInANewPlan(): void
    {
        $mixed = SamplePlans::started(['stay' => 'mixed']);
        $drawing = Assessor::assess($mixed)->stages['use']->drawing;
        self::assertInstanceOf(UseDrawing::class, $drawing);
        foreach ($drawing->stays as $option) {
            $changed = $option->choose->patch->applyTo($mixed)->use;
            $begun = SamplePlans::started(['stay' => $option->value])->use;
            self::assertSame([$begun->stay, $begun->reserve], [$changed->stay, $changed->reserve]);
        }
        $own = Plan::read(SamplePlans::patched($mixed, '[{"op":"replace","path":"/use/reserve","value":0.3}]'));
        $drawing = Assessor::assess($own)->stages['use']->drawing;
        self::assertInstanceOf(UseDrawing::class, $drawing);
        self::assertSame(0.3, $drawing->stays[2]->choose->patch->applyTo($own)->use->reserve, 'A reserve of one’s own stays.');
    }

    public function testACanIsPlannedWhereACanWillDo(): void
    {
        self::assertSame(TankMounting::Can, SamplePlans::started(['crew' => 1, 'days' => 1, 'habit' => 'frugal', 'stay' => 'sites'])->tanks[0]->form);
        self::assertSame(TankMounting::Fixed, SamplePlans::started(['crew' => 4])->tanks[0]->form);
    }

    /** @return list<array{int|string, int|string, float, float}> people and days as answered, and as they stand in the plan */
    public static function typed(): array
    {
        return [[3, 4, 3.0, 4.0], ['three', 'a week', 3.0, 7.0], ['2 people', '36 h', 2.0, 1.5], [' 12 ', '2,5 days', 12.0, 2.5]];
    }

    #[DataProvider('typed')]
    public function testPeopleAndDaysAreTakenAsTheyAreTyped(int|string $crew, int|string $days, float $people, float $stay): void
    {
        $use = SamplePlans::started(['crew' => $crew, 'days' => $days])->use;
        self::assertSame([$people, $stay], [$use->crew, $use->days]);
    }

    /** @return list<array{string, string, string, string}> people and days, the pointer of the refusal and a part of it */
    public static function refused(): array
    {
        return [
            ['a few', '3', '/crew', 'not known'],
            ['90', '3', '/crew', '“90” was read as 90; the number of people can be from 1 to 60'],
            ['2', '1 min', '/days', 'can be from'],
            ['3.5', '3', '/crew', 'People are counted whole: 3 or 4'],
            ['2', '3 kg', '/days', 'is a mass'],
        ];
    }

    #[DataProvider('refused')]
    public function testPeopleAndDaysThatCannotBeTakenAreExplained(string $crew, string $days, string $pointer, string $why): void
    {
        try {
            SamplePlans::started(['crew' => $crew, 'days' => $days]);
            self::fail('These answers were taken.');
        } catch (InvalidInput $e) {
            self::assertSame($pointer, $e->errors[0]->pointer);
            self::assertStringContainsString($why, $e->errors[0]->message);
        }
    }

    public function testReportsEveryAnswerThatIsNotAllowed(): void
    {
        try {
            FirstAnswers::read(
                (object) ['crew' => 0, 'stay' => 'moon', 'days' => 'x', 'rig' => 'sledge', 'volume' => 'gal', 'zest' => 1],
                SamplePlans::choices(),
            );
            self::fail('These answers were taken.');
        } catch (InvalidInput $e) {
            self::assertSame(
                ['/volume', '/crew', '/stay', '/habit', '/days', '/rig', '/zest'],
                array_map(static fn (InputError $error): string => $error->pointer, $e->errors),
            );
            self::assertStringContainsString('small-van, van, bus, off-roader, pickup, trailer, twin-trailer, small-boat, boat, large-boat', $e->getMessage());
        }
    }
}
