<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\HeatSource;
use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartMake;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\Rule\Backwards;
use YardCask\Core\Stage\Line\Rule\SuctionOrder;
use YardCask\Core\Tests\SamplePlans;

/** Each finding of the line: what makes it, that the line before has it not, and that each of its fixes clears it. */
final class LineFindingsTest extends TestCase
{
    /** @return iterable<string, array{string, SampleLines, SampleLines, int}> code, a line that is well, the same with it, and the least number of fixes */
    public static function findings(): iterable
    {
        $pressure = SampleLines::of(SystemType::PressureAccumulator);
        $pump = $pressure->part('Pressure pump')->figures;
        $curve = $pump instanceof PumpFigures ? $pump->curve : [];
        $mains = SampleLines::of(SystemType::Mains);
        $storage = SampleLines::of(SystemType::StorageHeater);
        $exchanger = SampleLines::of(SystemType::Exchanger);
        $valves = SampleLines::of(SystemType::TwoValves);
        $switched = SampleLines::of(SystemType::CanSwitched);
        $petrel = SampleLines::of(SystemType::Pressure, 'petrel');
        $two = $pressure->tanked('cans', ['form' => TankMounting::Fixed]);
        $twoPumps = $two->after('cans.cans-outlet', 'foot-4');
        $clamped = $storage->tubed('Storage heater', 'out', ['joint' => JoiningMethod::Clamp]);
        $filled = SampleLines::of(SystemType::FilteredFill);
        $carbon = $pressure->into('Galley tap', 'in', 'filter-carbon-10');
        $placed = $pressure->changed('Pressure pump', ['xM' => 2.0, 'yM' => 0.0, 'zM' => 0.9])->changed('Bowl strainer', ['xM' => 3.6, 'yM' => 0.0, 'zM' => 0.9]);
        $plate = $exchanger->changed('Plate exchanger', ['stock' => 'exchanger-12']);
        $rows = [
            ['port-loose', $pressure, $pressure->cut('Basin tap', 'in'), 1],
            ['pipe-lost', $pressure, $pressure->piped('Basin tap', 'in', ['to' => 'ghost.in']), 1],
            ['port-twice', $pressure, $pressure->piped('Basin tap', 'in', ['to' => $pressure->part('Galley tap')->id.'.in']), 1],
            ['curve-rises', $pressure, $pressure->figures('Pressure pump', ['curve' => array_reverse($curve)]), 1],
            ['no-water', $pressure, $pressure->turned('Pressure pump'), 1],
            ['backwards', $pressure, $pressure->turned('Pressure pump'), 1],
            ['backwards', $pressure, $pressure->into('Galley tap', 'in', 'filter-carbon-10')->turned('Carbon block'), 1],
            ['backwards', $mains, $mains->turned('Non-return valve'), 1],
            ['strainer-missing', $pressure, $pressure->without('Bowl strainer'), 1],
            ['filter-upstream', $pressure, $pressure->into('Bowl strainer', 'in', 'filter-sediment-50'), 1],
            ['accumulator-upstream', $pressure, $pressure->moved('Accumulator', 'Bowl strainer', 'in'), 1],
            ['heater-no-check', $storage, $storage->without('Non-return valve'), 1],
            [
                'heater-no-check',
                $storage->into('Relief valve', 'in', 'regulator-210'),
                $storage->into('Relief valve', 'in', 'regulator-210')->without('Non-return valve'),
                1,
            ],
            ['heater-closed', $storage, $storage->without('Relief valve', 'Expansion vessel'), 2],
            ['heater-closed', $storage, $storage->into('Storage heater', 'in', 'ball-valve-12'), 2],
            ['mixer-open', $exchanger, $exchanger->cut('Galley mixer', 'hot'), 1],
            ['over-rated', $mains, $mains->without('Pressure regulator'), 1],
            ['over-rated', $pressure, $pressure->changed('Basin tap', ['make' => new PartMake(150.0, 60.0, true, 0.4, 20.0)]), 1],
            ['over-rated', $storage, $storage->tubed('Storage heater', 'out', ['make' => new PartMake(700.0, 70.0, true, 0.1, 2.0), 'hotKpa' => 200.0]), 1],
            ['joint-weak', $mains, $mains->figures('Mains inlet with a cap', ['mostKpa' => 700.0])->without('Pressure regulator'), 1],
            ['joint-weak', $clamped, $clamped->figures('Pressure pump', ['cutOutKpa' => 450.0]), 1],
            ['too-hot', $storage, $storage->tubed('Storage heater', 'out', ['make' => new PartMake(1000.0, 40.0, true, 0.1, 2.0)]), 1],
            ['mains-out', $mains, $mains->without('Double check valve', 'Pressure regulator'), 1],
            ['sucks-air', $pressure, $pressure->branched('Bowl strainer', 'in', 'fill-hose-bucket'), 1],
            ['open-end', $pressure, $pressure->branched('Galley tap', 'in', 'free-end-12'), 1],
            [
                'mains-into-tank',
                $mains,
                $mains->without('Pressure pump', 'Ball valve', 'Non-return valve')->figures('Galley tap', ['leastLpm' => 0.5])->figures('Basin tap', ['leastLpm' => 0.5]),
                1,
            ],
            ['sink-under', $petrel, $petrel->changed('Galley tap', ['xM' => 0.4, 'yM' => -0.6]), 1],
            ['sink-under', $petrel, $petrel->changed('Galley tap', ['zM' => 1.2]), 0],
            ['mains-unwatched', SampleLines::of(SystemType::Pressure, 'petrel'), SampleLines::of(SystemType::Mains, 'petrel'), 0],
            ['mode-blocked', $pressure, $pressure->branched('Galley tap', 'in', 'fill-hose-bucket'), 0],
            ['fill-to-outlet', $valves, $valves->branched('Three-way valve 2', 'right', 'tap-basin-spray'), 0],
            ['blow-astray', $pressure, $pressure->without('Ball valve')->into('Bowl strainer', 'in', 'blow-out'), 0],
            ['undrained', $pressure, $pressure->without('Drain valve'), 1],
            ['flow-low', $pressure, $pressure->figures('Galley tap', ['leastLpm' => 6.8, 'mostLpm' => 8.0]), 1],
            [
                'together-weak',
                $pressure,
                $pressure->figures('Basin tap', ['leastLpm' => 3.5])->changed('Basin tap', ['together' => true])->changed('Galley tap', ['together' => true]),
                1,
            ],
            ['filter-starves', $pressure, $pressure->into('Galley tap', 'in', 'filter-fine-1')->figures('Galley tap', ['leastLpm' => 5.0]), 1],
            ['suction-high', $pressure, $pressure->changed('Pressure pump', ['zM' => 4.6]), 1],
            ['suction-high', $pressure, $pressure->piped('Bowl strainer', 'in', ['lengthM' => 6.0])->tubed('Bowl strainer', 'in', ['boreMm' => 5.0]), 1],
            ['pump-unstopped', $pressure, $pressure->figures('Pressure pump', ['cutInKpa' => null, 'cutOutKpa' => null]), 1],
            ['pump-unstopped', $switched, $switched->changed('Switched tap', ['kind' => PartKind::Tap]), 1],
            ['stutters', $pressure, $pressure->figures('Accumulator', ['prechargeKpa' => 120.0]), 1],
            ['starts-often', $storage->figures('Accumulator', ['volumeL' => 3.0]), $storage->without('Accumulator', 'Expansion vessel'), 1],
            ['flow-wasteful', $pressure->figures('Basin tap', ['mostLpm' => 5.0]), $pressure->figures('Basin tap', ['mostLpm' => 3.5]), 1],
            ['not-for-drinking', $pressure, $pressure->tubed('Basin tap', 'in', ['make' => new PartMake(800.0, 40.0, false, 0.2, 1.0)]), 1],
            ['scald', $storage, $storage->figures('Mixing valve', ['setC' => 60.0]), 0],
            ['scald', $storage, $storage->without('Mixing valve')->cut('Galley mixer', 'hot')->joined('Storage heater', 'out', 'Galley mixer', 'hot'), 1],
            ['dead-leg', $storage, $storage->piped('Storage heater', 'out', ['lengthM' => 12.0]), 1],
            ['stagnant', $pressure, $pressure->branched('Galley tap', 'in', 'cap-12')->piped('Cap', 'in', ['lengthM' => 0.8]), 1],
            ['stock-changed', $pressure, $pressure->changed('Basin tap', ['stock' => 'unheard-of']), 1],
            ['stock-changed', $pressure, $pressure->figures('Basin tap', ['openLpm' => 4.2]), 2],
            [
                'all-open-weak',
                $pressure,
                $pressure->changed('Basin tap', ['zM' => 3.0])->figures('Galley tap', ['openLpm' => 30.0, 'mostLpm' => 30.0]),
                1,
            ],
            ['runs-dry', $pressure, $twoPumps->after($twoPumps->part('Foot pump')->id.'.out', 'tap-drinking'), 1],
            ['filter-fast', $pressure->into('Galley tap', 'in', 'filter-sediment-5'), $pressure->into('Galley tap', 'in', 'filter-fine-1'), 1],
            ['filter-fast', $pressure, $filled->figures('Carbon block', ['ratedLpm' => 12.0]), 0],
            ['filter-used-up', $carbon, $carbon->figures('Carbon block', ['lifeL' => 20.0]), 1],
            ['filter-used-up', $filled->figures('Carbon block', ['lifeL' => 60.0]), $filled->figures('Carbon block', ['lifeL' => 50.0]), 1],
            [
                'together-weak',
                $pressure->figures('Basin tap', ['leastKpa' => 35.0])->changed('Basin tap', ['together' => true])->changed('Galley tap', ['together' => true]),
                $pressure->figures('Basin tap', ['leastKpa' => 100.0])->changed('Basin tap', ['together' => true])->changed('Galley tap', ['together' => true]),
                1,
            ],
            ['filter-before-storage', $filled->figures('Carbon block', ['takesDisinfectant' => false]), $filled, 0],
            ['shut-off-missing', $pressure, $pressure->without('Ball valve'), 1],
            // The drain for the cold pipes does not reach what a mixing valve keeps back.
            ['undrained', $storage, $storage->without('Drain valve 3'), 1],
            ['undrained', $storage, $storage->changed('Drain valve 2', ['zM' => 0.9]), 1],
            ['hot-short', $storage->used('Sparing hand shower', 2.9), $storage->used('Sparing hand shower', 3.1), 1],
            // 4 L/min from 15 °C to 36 °C take 5.86 kW.
            ['hot-cool', $exchanger->figures('Plate exchanger', ['watts' => 5870.0]), $exchanger->figures('Plate exchanger', ['watts' => 5850.0]), 1],
            ['heater-unpowered', $storage, $storage->figures('Storage heater', ['source' => HeatSource::Mains]), 1],
            ['scald', $storage, $storage->figures('Mixing valve', ['setC' => 44.0]), 1],
            ['relief-low', $storage->figures('Relief valve', ['setKpa' => 285.0]), $storage->figures('Relief valve', ['setKpa' => 275.0]), 1],
            ['cut-out-high', $pressure, $pressure->figures('Pressure pump', ['cutOutKpa' => 330.0]), 2],
            ['relief-high', $storage, $storage->figures('Relief valve', ['setKpa' => 900.0]), 1],
            ['vessel-small', $storage, $storage->figures('Expansion vessel', ['volumeL' => 0.6]), 1],
            // Shut in without a relief valve, a vessel of 0.35 L does not take up what 10 L expand by.
            ['heater-closed', $storage->without('Relief valve'), $storage->without('Relief valve')->figures('Expansion vessel', ['volumeL' => 0.35]), 1],
            ['heater-closed', $exchanger, $exchanger->without('Relief valve'), 1],
            ['obstructed', $placed, $placed->thing(ThingNeed::Clear, 2.8, 0.0, 0.8), 2],
            ['obstructed', $placed, $placed->thing(ThingNeed::Clear, 2.0, 0.0, 0.7), 1],
            ['near-hot', $placed, $placed->thing(ThingNeed::Hot, 2.8, 0.25, 0.8), 1],
            ['over-dry', $placed, $placed->thing(ThingNeed::Dry, 2.0, 0.0, 0.46), 1],
            ['suction-high', $pressure, $pressure->piped('Pressure pump', 'in', ['points' => [new PlannedRunPoint('over', 'Over the lid', 2.0, 0.0, 4.3)]]), 1],
            // Two thirds of 86 kPa, 14 below the cut-in of 100.
            ['precharge-low', $pressure->figures('Accumulator', ['prechargeKpa' => 57.4]), $pressure->figures('Accumulator', ['prechargeKpa' => 57.3]), 1],
            // The pump stops at 280 kPa: that stands in the store before it heats.
            ['precharge-low', $storage->figures('Expansion vessel', ['prechargeKpa' => 187.0]), $storage->figures('Expansion vessel', ['prechargeKpa' => 186.0]), 1],
            ['precharge-high', $storage->figures('Expansion vessel', ['prechargeKpa' => 300.0]), $storage->figures('Expansion vessel', ['prechargeKpa' => 301.0]), 1],
            // The regulator that is left is no check valve.
            ['mains-unchecked', $mains, $mains->without('Double check valve'), 1],
            ['mains-unchecked', $filled, $filled->without('Double check valve'), 1],
            ['mains-into-tank', $mains, $mains->without('Non-return valve'), 1],
            ['fill-unbroken', $filled, $filled->without('Float valve for a tank inlet'), 1],
            ['store-cool', $storage->figures('Storage heater', ['hotC' => 60.0]), $storage->figures('Storage heater', ['hotC' => 59.0]), 1],
            ['single-wall', $exchanger, $plate->figures('Plate exchanger', ['doubleWall' => null]), 1],
            ['single-wall', $exchanger, $plate->figures('Plate exchanger', ['source' => HeatSource::HeatStore, 'doubleWall' => false]), 1],
            ['raw-water', $valves, $valves->without('UV lamp', 'Sediment filter'), 1],
            // Water that is not filtered finely shades its germs from the lamp.
            ['raw-water', $valves, $valves->figures('Sediment filter', ['finenessUm' => 5.5]), 1],
        ];
        foreach ($rows as $number => $row) {
            yield $row[0].' '.$number => ['line.'.$row[0], $row[1], $row[2], $row[3]];
        }
    }

    #[DataProvider('findings')]
    public function testFindsItAndClearsIt(string $code, SampleLines $well, SampleLines $wrong, int $fixes): void
    {
        self::assertNotContains($code, array_column(self::found($well->plan), 'code'), 'It is not there before.');
        $finding = null;
        foreach (self::found($wrong->plan) as $one) {
            $finding ??= $code === $one->code ? $one : null;
        }
        self::assertNotNull($finding, $code.' is not found; there is '.implode(', ', array_column(self::found($wrong->plan), 'code')));
        $proven = SampleLines::fixes($wrong->plan)[$finding->key];
        self::assertGreaterThanOrEqual($fixes, \count($proven));
        foreach ($proven as $fix) {
            $after = self::found($fix->patch->applyTo($wrong->plan));
            $same = array_filter($after, static fn (SentFinding $one): bool => $one->key === $finding->key);
            self::assertSame([], $same, $fix->label.' does not clear it.');
        }
    }

    public function testNothingIsCalledEnoughBesideAStop(): void
    {
        $stopped = 0;
        foreach (self::findings() as $name => [, , $wrong]) {
            $assessment = Assessor::assess($wrong->plan, '-');
            $stops = array_filter($assessment->findings, static fn (SentFinding $one): bool => 'line' === $one->stage && Severity::Stop === $one->severity);
            if ([] !== $stops) {
                self::assertStringNotContainsString('enough', $assessment->stages['line']->answer->after, $name);
                $stopped += str_starts_with($assessment->stages['line']->answer->after, '.') ? 1 : 0;
            }
        }
        self::assertGreaterThan(5, $stopped);
    }

    public function testEveryCodeHasARow(): void
    {
        $covered = array_unique(array_column(iterator_to_array(self::findings()), 0));
        self::assertSame([], array_values(array_diff(array_column(LineFinding::cases(), 'value'), $covered)));
    }

    /** @return iterable<string, array{SystemType, string}> */
    public static function systems(): iterable
    {
        foreach (SystemType::cases() as $system) {
            foreach (['bothy', 'van', 'bus', 'boat'] as $plan) {
                yield $system->value.' '.$plan => [$system, $plan];
            }
        }
    }

    #[DataProvider('systems')]
    public function testEverySystemTypeIsAWorkingLine(SystemType $system, string $plan): void
    {
        try {
            $line = SampleLines::of($system, $plan);
        } catch (\LogicException) {
            // One fresh tank is not two of which one stands high.
            self::assertContains($system, [SystemType::CanGravity, SystemType::Gravity]);

            return;
        }
        $found = self::found($line->plan);
        self::assertSame(
            [],
            array_map(
                static fn (SentFinding $one): string => $one->title,
                array_filter($found, static fn (SentFinding $one): bool => Severity::Watch !== $one->severity),
            ),
        );
        self::assertEquals($line->plan, Plan::fromJson($line->plan->toJson()));
    }

    /** Whatever has an arrow is found when it is turned round, it and nothing else. */
    public function testWhatIsTurnedRoundIsFoundAndNothingElse(): void
    {
        $plans = SamplePlans::demos();
        foreach (SystemType::cases() as $system) {
            $plans[$system->value] = SampleLines::of($system, SystemType::CanGravity === $system || SystemType::Gravity === $system ? 'bothy' : 'bus')->plan;
        }
        $wrong = static function (Plan $plan): array {
            $ids = array_merge([], ...array_column((new Backwards())->check(Workings::over($plan)), 'subject'));
            sort($ids);

            return $ids;
        };
        $turned = 0;
        foreach ($plans as $name => $plan) {
            $before = $wrong($plan);
            foreach ($plan->line->parts as $part) {
                if ($part->kind->isOneWay() || \in_array($part->kind, [PartKind::Filter, PartKind::Strainer, PartKind::StorageHeater], true)) {
                    $expected = \in_array($part->id, $before, true) ? array_diff($before, [$part->id]) : [...$before, $part->id];
                    sort($expected);
                    self::assertSame($expected, $wrong(LineDraft::of($plan)->turned($part)->plan()), $name.': '.$part->name);
                    ++$turned;
                }
            }
        }
        self::assertGreaterThan(40, $turned);
    }

    /** A valve in any of its pipes, or five of them, changes what is said of no direction and of no order. */
    #[DataProvider('systems')]
    public function testHoweverManyPartsAPipeHasNothingIsTheWrongWayRound(SystemType $system, string $plan): void
    {
        try {
            $line = SampleLines::of($system, $plan)->plan;
        } catch (\LogicException) {
            self::assertContains($system, [SystemType::CanGravity, SystemType::Gravity]);

            return;
        }
        $valve = SampleLines::stock()->part('ball-valve-12') ?? self::fail('The catalogue has it.');
        foreach ([1, 5] as $many) {
            foreach ($line->line->pipes as $pipe) {
                $draft = LineDraft::of($line);
                for ($number = 0; $number < $many; ++$number) {
                    $draft = $draft->into($pipe, $valve);
                }
                $workings = Workings::over($draft->plan(), SampleLines::stock());
                $wrong = [...(new Backwards())->check($workings), ...(new SuctionOrder())->check($workings)];
                self::assertSame([], array_column($wrong, 'title'), $pipe->name.' from '.$pipe->from.' to '.$pipe->to);
            }
        }
    }

    /** @return list<SentFinding> */
    private static function found(Plan $plan): array
    {
        return array_values(
            array_filter(
                Assessor::assess($plan, 'line', SampleLines::stock())->findings,
                static fn (SentFinding $one): bool => 'line' === $one->stage,
            ),
        );
    }
}
