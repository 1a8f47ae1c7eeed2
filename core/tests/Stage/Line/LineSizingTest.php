<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartsCsv;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\SceneDrawing;
use YardCask\Core\Stage\Line\Sizing\Fuse;
use YardCask\Core\Stage\Line\Sizing\SizingRow;
use YardCask\Core\Stage\Line\Sizing\SizingTable;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Parts\JoinedLines;

/** What size would do, what gravity gives, and the catalogue that both draw from. */
final class LineSizingTest extends TestCase
{
    /** @return array<string, SizingTable> */
    private static function tables(Plan $plan): array
    {
        return array_column(Assessor::sizes($plan, SampleLines::stock())->tables, null, 'id');
    }

    public function testTheSmallestThatDoesItIsTheCheapestAndPutInItDoes(): void
    {
        foreach (SamplePlans::demos() as $plan) {
            foreach (self::tables($plan) as $table) {
                foreach ($table->rows as $row) {
                    self::assertCount(\count($table->columns), $row->cells, $table->title);
                    self::assertTrue($row->does || !$row->smallest);
                }
                self::assertLessThanOrEqual(1, \count(array_filter($table->rows, static fn (SizingRow $row): bool => $row->smallest)), $table->title);
                $best = array_values(array_filter($table->rows, static fn (SizingRow $row): bool => $row->smallest && null !== $row->fix))[0] ?? null;
                if (null !== $best?->fix && str_starts_with($table->id, 'pump-')) {
                    $again = self::tables($best->fix->patch->applyTo($plan))[$table->id];
                    $present = array_values(array_filter($again->rows, static fn (SizingRow $row): bool => $row->present));
                    self::assertSame([true, $best->name], [$present[0]->does, $present[0]->name]);
                }
            }
        }
    }

    /** What is marked can be put in: nothing else in the plan gets worse than worth knowing. */
    public function testWhatIsMarkedHarmsNothingElse(): void
    {
        $marked = 0;
        foreach ([...array_values(SamplePlans::demos()), ...array_map(static fn (SystemType $one): Plan => SampleLines::of($one)->plan, SystemType::cases())] as $plan) {
            $before = array_column(Assessor::assess($plan, '-', SampleLines::stock())->findings, null, 'key');
            foreach (self::tables($plan) as $table) {
                foreach ($table->rows as $row) {
                    if ((!$row->smallest && 'bores' !== $table->id) || null === $row->fix) {
                        continue;
                    }
                    ++$marked;
                    foreach (Assessor::assess($row->fix->patch->applyTo($plan), '-', SampleLines::stock())->findings as $finding) {
                        // What a new part needs to be joined is settled on Parts.
                        $isHarm = 'parts' !== $finding->stage && Severity::Watch !== $finding->severity && !isset($before[$finding->key]) && 'load.estimate-tight' !== $finding->code;
                        self::assertFalse($isHarm, $table->title.': '.$row->name.' brings '.$finding->title);
                    }
                }
            }
        }
        self::assertGreaterThan(15, $marked);
    }

    /** What is there already is said of as the sight glass says it, whatever it is charged with. */
    public function testWhatIsThereStartsAsOftenAsTheFiguresSay(): void
    {
        $seen = 0;
        foreach ([SamplePlans::demos()['fellside'], SamplePlans::demos()['prompt-side'], SampleLines::of(SystemType::PressureAccumulator)->plan, SampleLines::of(SystemType::StorageHeater)->figures('Accumulator', ['prechargeKpa' => 130.0])->plan] as $plan) {
            $starts = (string) Assessor::assess($plan, 'line')->figures['line.starts']->value;
            foreach (self::tables($plan) as $table) {
                $column = array_search('starts an hour', $table->columns, true);
                foreach (false === $column ? [] : $table->rows as $row) {
                    if ($row->present) {
                        self::assertSame($starts, $row->cells[$column], $table->title);
                        ++$seen;
                    }
                }
            }
        }
        self::assertSame(8, $seen);
    }

    /** Each pump that is said to do it: with it in the plan every outlet has enough, also together with those that are to run, and none wastes. */
    public function testAPumpDoesItExactlyWhereThePlanWithItSaysSo(): void
    {
        $does = [];
        foreach (SamplePlans::demos() as $plan) {
            $together = \count(array_filter($plan->line->parts, static fn (PlannedPart $part): bool => true === $part->together)) > 1;
            foreach (self::tables($plan) as $table) {
                foreach (str_starts_with($table->id, 'pump-') ? $table->rows : [] as $row) {
                    $with = $row->fix?->patch->applyTo($plan) ?? $plan;
                    $assessed = Assessor::assess($with, 'line', SampleLines::stock());
                    $codes = array_column($assessed->findings, 'code');
                    $wasteful = array_filter(
                        $with->line->parts,
                        static fn (PlannedPart $part): bool => $part->figures instanceof OutletFigures
                            && $assessed->figures['line.'.$part->id.'.flow']->value > 1.5 * $part->figures->mostLpm,
                    );
                    $isEnough = [] === array_intersect(['line.flow-low', 'line.no-water', ...($together ? ['line.together-weak'] : [])], $codes);
                    self::assertSame($isEnough && [] === $wasteful, $row->does, $table->title.': '.$row->name);
                    $does[] = $row->does;
                }
            }
        }
        self::assertContains(true, $does);
        self::assertContains(false, $does);
    }

    /** 14 L/min through 12 mm run at 2.06 m/s: the pipes that are named are too narrow, and what is proposed carries it. */
    public function testAPipeThatIsNamedHumsOrLosesMuchAndWhatIsProposedDoesNot(): void
    {
        // Without adapters, which slow it down.
        $plan = JoinedLines::pipes(SamplePlans::demos()['prompt-side'], static fn (): array => ['fromJoint' => null, 'toJoint' => null]);
        $flows = array_column(SceneDrawing::all(Workings::over($plan)), null, 'id')['together']->flows;
        $lpm = array_column($flows, 'lpm', 'pipe');
        $mps = static fn (PlannedPipe $pipe): float => abs($lpm[$pipe->id]) / 60000 / (\M_PI / 4 * ($pipe->tube->boreMm / 1000) ** 2);
        $named = [];
        foreach (self::tables($plan)['bores']->rows as $row) {
            $after = $row->fix?->patch->applyTo($plan) ?? self::fail('It is proposed.');
            foreach ($after->line->pipes as $index => $pipe) {
                $before = $plan->line->pipes[$index];
                if ($before->tube->boreMm !== $pipe->tube->boreMm) {
                    $named[] = $pipe->id;
                    self::assertGreaterThan(2.0, $mps($before), $row->name);
                    self::assertLessThanOrEqual(2.0, $mps($pipe), $row->name);
                }
            }
        }
        $fast = array_filter($plan->line->pipes, static fn (PlannedPipe $pipe): bool => $mps($pipe) > 2.0);
        self::assertSame(array_column($fast, 'id'), $named);
    }

    /** 10.5 A over 3.5 m at 12 V: 0.0178 · 7 · 10.5 / 0.36 = 3.6 mm², so 4 mm², and a fuse above 13.1 A. */
    public function testWireAndFuse(): void
    {
        $table = self::tables(SamplePlans::demos()['prompt-side'])['wire-pressure-pump-1'];
        $best = array_values(array_filter($table->rows, static fn (SizingRow $row): bool => $row->smallest))[0];
        self::assertSame(['4 mm²', '0.33 V', '25 A', '15 A'], [$best->name, $best->cells[0], $best->cells[2], $best->cells[3]]);
        // 0.3 m need no more than 0.62 mm² for 3 %, and a fuse of 20 A needs 2.5 mm² bundled: 17.5 A do not do, 4 mm² carry 24.5 A.
        $short = SampleLines::of(SystemType::Pressure)->figures('Pressure pump', ['amps' => 15.0, 'wireM' => 0.3]);
        $table = self::tables($short->plan)['wire-pressure-pump-1'];
        $rows = array_column($table->rows, 'does', 'name');
        self::assertSame([false, '4 mm²'], [$rows['0.75 mm²'], array_search(true, $rows, true)]);
        self::assertSame([1.0, 5.0, 7.5, null], array_map(Fuse::forAmps(...), [0.5, 4.0, 5.9, 60.0]));
    }

    /** Through wider pipes and with the tank higher more comes; as it stands it is what the outlet gives. */
    public function testGravityGivesMoreTheHigherTheTankAndTheWiderThePipe(): void
    {
        $plan = SamplePlans::demos()['bothy'];
        $figures = Assessor::assess($plan, 'line')->figures;
        $drawing = Json::decode(Json::encode(Assessor::drawn($plan, 'line', SampleLines::stock())))->drawing;
        $charts = $drawing->gravity;
        self::assertCount(2, $charts);
        foreach ($charts as $chart) {
            $before = null;
            foreach ($chart->curves as $curve) {
                $flows = array_column($curve->points, 'lpm');
                $sorted = $flows;
                sort($sorted);
                self::assertSame($sorted, $flows);
                foreach ($before ?? [] as $index => $lpm) {
                    self::assertGreaterThanOrEqual($lpm - 1e-9, $flows[$index]);
                }
                $before = $flows;
            }
            $now = array_values(array_filter($chart->curves[0]->points, static fn (\stdClass $point): bool => 0.0 === (float) $point->raise_m));
            self::assertEqualsWithDelta($figures['line.'.$chart->outlet.'.flow']->value, $now[0]->lpm, 1e-6);
        }
        self::assertSame(2, \count($drawing->by_hand));
    }

    public function testTheCatalogueHasEveryKindAndGoesOutAndInAsATable(): void
    {
        $parts = SampleLines::stock()->parts();
        self::assertGreaterThanOrEqual(140, \count($parts));
        self::assertSame(
            [],
            array_values(array_diff(array_column(PartKind::cases(), 'value'), array_map(static fn ($part): string => $part->kind->value, $parts))),
        );
        self::assertEqualsCanonicalizing(
            array_map(static fn ($part): array => [$part->name, $part->kind, $part->make, $part->figures], $parts),
            array_map(static fn ($part): array => [$part->name, $part->kind, $part->make, $part->figures], PartsCsv::read(PartsCsv::write($parts))),
        );
    }

    /** Every change of a part that the core itself makes is a plan that can be read again. */
    public function testEverySizePutInIsAPlan(): void
    {
        $plan = SampleLines::of(SystemType::StorageHeater)->plan;
        $tried = 0;
        foreach (self::tables($plan) as $table) {
            foreach ($table->rows as $row) {
                if (null !== $row->fix) {
                    $after = $row->fix->patch->applyTo($plan);
                    self::assertEquals($after, Plan::fromJson($after->toJson()));
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(15, $tried);
    }
}
