<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Shared\ShowerBranch;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Tests\SamplePlans;

/** Only water that somebody can draw is supply, wherever it is counted. */
final class TapReachTest extends TestCase
{
    /** @return iterable<string, array{SampleLines, array<string, list<string>>}> the names of the outlets that each fresh or drinking tank reaches */
    public static function lines(): iterable
    {
        $pressure = SampleLines::of(SystemType::Pressure);
        $gravity = SampleLines::of(SystemType::Gravity);
        $valves = SampleLines::of(SystemType::TwoValves);
        $two = SampleLines::of(SystemType::TwoCircuits);
        $taps = ['Galley tap', 'Basin tap'];
        yield 'a tank joined, cans poured' => [$pressure, ['header' => $taps]];
        yield 'a pump fitted backwards is a snag of its own' => [$pressure->turned('Pressure pump'), ['header' => $taps]];
        yield 'cans beside a can' => [
            $pressure->tanked('header', ['form' => TankMounting::Can]),
            ['header' => $taps, 'cans' => $taps],
        ];
        yield 'a low tank pumped into a header' => [$gravity, ['header' => ['Gravity tap', 'Gravity tap 2'], 'cans' => ['Gravity tap', 'Gravity tap 2']]];
        yield 'a fixed low tank pumped into a header' => [
            $gravity->tanked('cans', ['form' => TankMounting::Fixed]),
            ['header' => ['Gravity tap', 'Gravity tap 2'], 'cans' => ['Gravity tap', 'Gravity tap 2']],
        ];
        yield 'what stands too low needs a pump' => [
            $gravity->tanked('cans', ['form' => TankMounting::Fixed])->without('Lever hand pump'),
            ['header' => ['Gravity tap', 'Gravity tap 2']],
        ];
        yield 'a tap below the level of a full tank' => [
            $gravity->changed('Gravity tap', ['zM' => 1.70])->changed('Gravity tap 2', ['zM' => 2.5]),
            ['header' => ['Gravity tap'], 'cans' => ['Gravity tap']],
        ];
        yield 'nothing flows back down the filling pipe' => [
            $gravity->tanked('cans', ['form' => TankMounting::Fixed])->cut('Gravity tap', 'in')->cut('Gravity tap 2', 'in'),
            [],
        ];
        yield 'through a valve that has to be turned' => [$valves, ['header' => $taps]];
        yield 'drinking water is not the rest' => [$two, ['header' => $taps, 'drinking-cans' => ['Drinking tap']]];
        yield 'a header that holds drinking water is not filled with other water' => [
            $gravity->tanked('header', ['holds' => WaterKind::Drinking])->tanked('cans', ['form' => TankMounting::Fixed]),
            ['header' => ['Gravity tap', 'Gravity tap 2']],
        ];
        yield 'a pipe that is gone' => [$pressure->cut('Ball valve', 'in'), []];
    }

    /** @param array<string, list<string>> $wanted */
    #[DataProvider('lines')]
    public function testReachesTheOutletsThatItsWaterCanGetTo(SampleLines $line, array $wanted): void
    {
        $reach = Workings::over($line->plan)->of(TapReach::class);
        $names = array_column($line->plan->line->parts, 'name', 'id');
        $found = [];
        foreach ($line->plan->tanks as $tank) {
            $found[$tank->id] = array_map(static fn (string $id): string => $names[$id], $reach->outletsOf($tank));
            sort($found[$tank->id]);
        }
        foreach ($wanted as &$outlets) {
            sort($outlets);
        }
        self::assertEqualsCanonicalizing($wanted, array_filter($found));
        self::assertSame($wanted, array_intersect_key($found, $wanted));
    }

    public function testASecondTankJoinedToNothingIsWeightAndNoSupply(): void
    {
        $line = SampleLines::of(SystemType::Pressure);
        $before = Workings::over($line->plan);
        $headerL = $before->of(TanksWorkings::class)->all()[0]->usableL();
        self::assertGreaterThan($headerL + 10, $before->of(TanksWorkings::class)->usableL(WaterKind::Fresh));
        $plan = $line->tanked('cans', ['poured' => false])->plan;
        $workings = Workings::over($plan);
        self::assertEqualsWithDelta($headerL, $workings->of(TanksWorkings::class)->usableL(WaterKind::Fresh), 1e-9);
        $figures = Assessor::assess($plan, 'use')->figures;
        self::assertEqualsWithDelta($headerL, $figures['tanks.usable']->value, 1e-9);
        self::assertEqualsWithDelta($headerL, $figures['use.aboard']->value, 1e-9);
        // It is still there when all that can be used is used.
        $cans = $workings->of(TanksWorkings::class)->all()[1];
        $contents = $workings->of(LoadWorkings::class)->contents;
        self::assertEqualsWithDelta($cans->fullL(), $contents->in(RigState::UsedUp)[1], 1e-9);
        self::assertEqualsWithDelta($cans->fullL(), $contents->drawn(1.0)[1], 1e-9);
    }

    public function testNothingIsJoinedWithoutThePartsOrThePipeForIt(): void
    {
        $two = SampleLines::of(SystemType::Pressure)->tanked('cans', ['form' => TankMounting::Fixed]);
        $join = static fn (Plan $plan, PartStock $stock): array => TankJoin::fixes($plan->tanks[1], ['header'], Workings::over($plan, $stock));
        self::assertCount(1, $join($two->plan, SampleLines::stock()));
        self::assertSame([], $join($two->plan, PartStock::none()));
        self::assertSame([], $join($two->cut('Ball valve', 'in')->plan, SampleLines::stock()));
        // A pipe at its outlet that leads nowhere has to go first.
        $lost = $two->piped('Basin tap', 'in', ['from' => 'cans.cans-outlet', 'to' => 'ghost.in']);
        self::assertSame([], $join($lost->plan, SampleLines::stock()));

        $shower = static fn (Plan $plan, PartStock $stock): array => ShowerBranch::fixes(Workings::over($plan, $stock));
        self::assertCount(1, $shower($two->plan, SampleLines::stock()));
        self::assertSame([], $shower($two->plan, PartStock::none()));
        self::assertSame([], $shower($two->cut('Galley tap', 'in')->cut('Basin tap', 'in')->plan, SampleLines::stock()));
    }

    public function testWithoutATapEveryTankCounts(): void
    {
        $plan = PartFields::changed(SampleLines::of(SystemType::Pressure)->tanked('cans', ['poured' => false])->plan, ['line' => LinePlan::none()]);
        self::assertSame([true, true, true, true], array_column(Workings::over($plan)->of(TanksWorkings::class)->all(), 'isDrawn'));
        self::assertNotContains('tanks.unjoined', array_column(Assessor::assess($plan, 'line')->findings, 'code'));
    }

    /** Whatever is cut off is found, by name, and is all that the supply loses. */
    public function testWhatIsCutOffIsFoundAndIsAllThatIsLost(): void
    {
        $cut = 0;
        for ($seed = 1; $seed <= 80; ++$seed) {
            $plan = SamplePlans::varied($seed);
            foreach ($plan->tanks as $tank) {
                $without = self::cutOff($plan, $tank);
                $workings = Workings::over($without, SampleLines::stock());
                $tanks = $workings->of(TanksWorkings::class);
                $found = array_filter(Assessor::assess($without, 'line')->findings, static fn (SentFinding $one): bool => 'tanks.unjoined' === $one->code);
                $missing = array_values(array_filter($tanks->all(), static fn (TankWorking $working): bool => !$working->isDrawn));
                self::assertEqualsCanonicalizing(
                    array_map(static fn (TankWorking $working): array => [$working->tank->id], $missing),
                    array_values(array_column($found, 'subject')),
                    'seed '.$seed,
                );
                foreach ([WaterKind::Fresh, WaterKind::Drinking] as $holds) {
                    $ofKind = static fn (array $all): float => array_sum(
                        array_map(static fn (TankWorking $working): float => $holds === $working->tank->holds ? $working->usableL() : 0.0, $all),
                    );
                    self::assertEqualsWithDelta($ofKind($tanks->all()), $tanks->usableL($holds) + $ofKind($missing), 1e-6, 'seed '.$seed);
                }
                $cut += \count($missing);
            }
        }
        self::assertGreaterThan(60, $cut);
    }

    public function testEachFixMakesItsWaterCountAgain(): void
    {
        $labels = [];
        foreach (SamplePlans::demos() as $plan) {
            foreach ($plan->tanks as $index => $tank) {
                $without = self::cutOff($plan, $tank);
                foreach (self::fixes($without)['tanks.unjoined '.$tank->id] ?? [] as $fix) {
                    $after = Workings::over($fix->patch->applyTo($without))->of(TanksWorkings::class)->all()[$index];
                    self::assertTrue($after->isDrawn, $fix->label);
                    $labels[] = str_replace("\u{A0}", ' ', $fix->label);
                }
            }
        }
        self::assertSame(
            [
                // The cans stand too low to run to the taps by themselves.
                'Pour Cans under the bench by hand',
                // Poured from the cans of the trailer, its nose would grow too light.
                'Pour Drinking cans by hand',
                'Pour Drinking cans by hand',
                'Join Left tank to the line at Right tank',
                'Join Right tank to the line at Left tank',
                'Pour Drinking cans by hand',
            ],
            $labels,
        );
    }

    /** @return array<string, list<SentFix>> by the key of the finding */
    private static function fixes(Plan $plan): array
    {
        return array_column(Assessor::fixes($plan, 'tanks', SampleLines::stock()), 'fixes', 'key');
    }

    private static function cutOff(Plan $plan, PlannedTank $tank): Plan
    {
        $isOther = static fn (PlannedPipe $pipe): bool => !str_starts_with($pipe->from, $tank->id.'.') && !str_starts_with($pipe->to, $tank->id.'.');
        $pipes = array_values(array_filter($plan->line->pipes, $isOther));
        $tanks = array_map(
            static fn (PlannedTank $one): PlannedTank => $one->id === $tank->id ? PartFields::changed($one, ['poured' => false]) : $one,
            $plan->tanks,
        );

        return PartFields::changed($plan, ['tanks' => $tanks, 'line' => PartFields::changed($plan->line, ['pipes' => $pipes])]);
    }
}
