<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Start;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
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
    ];

    /** Where a tank for all that drains would make a nose too light, or a boat lie over. */
    private const NO_ROOM_FOR_WASTE = ['2 in a twin-trailer, wild', '1 in a boat, wild', '2 in a boat, mixed', '1 in a large-boat, wild'];

    /** @return iterable<string, array{array<string, mixed>}> every rig with the system that is usual in it, each way to stay, one and two people */
    public static function answers(): iterable
    {
        foreach (SamplePlans::choices()->rigs as $rig) {
            foreach (['wild' => 3, 'mixed' => 1, 'sites' => 7] as $stay => $days) {
                foreach ([1, 2] as $crew) {
                    yield \sprintf('%d in a %s, %s', $crew, $rig->id, $stay) => [['rig' => $rig->id, 'stay' => $stay, 'days' => $days, 'crew' => $crew]];
                }
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
        foreach (Workings::over($plan)->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            self::assertTrue($working->isDrawn, $tank->name.' is connected.');
            self::assertNotNull($tank->straps, $tank->name.' is held.');
            $wanted = match (true) {
                TankMounting::Fixed !== $tank->form => [],
                $tank->holds->takesWaste() => [PortRole::Vent, PortRole::Drain],
                default => [PortRole::Fill, PortRole::Vent, PortRole::Overflow, PortRole::Drain, PortRole::Outlet],
            };
            foreach ($wanted as $role) {
                self::assertNotNull($tank->portFor($role), $tank->name.' has its '.$role->value.'.');
            }
        }
        $drains = array_filter($plan->use->uses, static fn (PlannedUse $use): bool => PlannedUse::OUTSIDE === $use->drainsTo);
        self::assertSame([] === $drains, [] !== $plan->tanksThatHold(WaterKind::Waste));
        self::assertSame(\in_array($this->dataName(), self::NO_ROOM_FOR_WASTE, true), [] !== $drains);
        // Nobody counts a shower that is not there, and no store is heated by what the rig has not.
        $showers = array_filter($plan->use->uses, static fn (PlannedUse $use): bool => 'shower' === $use->habit);
        $heads = array_filter(
            $plan->line->parts,
            static fn (PlannedPart $part): bool => PartKind::Shower === $part->kind || PartKind::OutsidePoint === $part->kind,
        );
        self::assertSame([] === $showers, [] === $heads);
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

    /** @param array<string, mixed> $answers */
    private static function started(array $answers): Plan
    {
        $choices = SamplePlans::choices();
        $all = $answers + ['crew' => 2, 'stay' => 'mixed', 'habit' => 'ordinary', 'days' => 3];

        return PlanStarter::start(FirstAnswers::read((object) $all, $choices), $choices, SampleLines::book(), SampleLines::stock());
    }
}
