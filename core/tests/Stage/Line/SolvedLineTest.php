<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeTrouble;
use YardCask\Core\Stage\Line\Mode\Position;
use YardCask\Core\Stage\Line\Schematic;
use YardCask\Core\Stage\Line\Solve\HotOutlet;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\SolvedPump;
use YardCask\Core\Stage\Line\Solve\WaterPath;

/** The line of a plan, solved: flows, switches, shocks, hot water, modes, and where it is drawn. */
final class SolvedLineTest extends TestCase
{
    private static function worked(SampleLines $line): LineWorkings
    {
        return Workings::over($line->plan)->of(LineWorkings::class);
    }

    /** @return iterable<string, array{SystemType}> */
    public static function systems(): iterable
    {
        foreach (SystemType::cases() as $system) {
            yield $system->value => [$system];
        }
    }

    #[DataProvider('systems')]
    public function testWhatComesGoesAndThePressureFallsAlongTheWater(SystemType $system): void
    {
        $line = self::worked(SampleLines::of($system));
        $solved = $line->solve(new LineCase($line->all()));
        self::assertTrue($solved->line->converged);
        $from = SampleLines::drawnLpm($solved, $line->graph);
        $out = array_sum(array_map(static fn (SolvedOutlet $one): float => $one->lpm, $solved->outlets));
        self::assertGreaterThan(0.5, $out);
        self::assertEqualsWithDelta($from, $out, 1e-6);
        foreach ($solved->outlets as $outlet) {
            $path = WaterPath::to($outlet->part, $solved, $line->graph);
            self::assertSame('outlet', $path->beginsAt()?->port->value);
            foreach ($path->pipes as $number => $pipe) {
                [$begin, $end] = [$path->ends[2 * $number], $path->ends[2 * $number + 1]];
                $headLost = ($solved->kpa($begin) ?? 0.0) - ($solved->kpa($end) ?? 0.0) + 9.8 * ($begin->zM() - $end->zM());
                self::assertGreaterThan(-0.02 * abs($begin->zM() - $end->zM()) - 1e-6, $headLost, 'pipe '.$pipe->pipe->id);
            }
        }
    }

    /** Where no switch starts and stops its pump, whoever shuts a tap takes nothing from the others. */
    #[DataProvider('systems')]
    public function testShuttingAnOutletNeverLowersAnother(SystemType $system): void
    {
        $line = self::worked(SampleLines::of($system));
        $cycles = static fn (array $pumps): bool => [] !== array_filter($pumps, static fn (SolvedPump $pump): bool => $pump->cycles);
        $all = $line->solve(new LineCase($line->all()));
        foreach ($line->graph->outlets as $shut) {
            $fewer = $line->solve(new LineCase(array_values(array_diff($line->all(), [$shut->id]))));
            foreach ($cycles($fewer->pumps) ? [] : $fewer->outlets as $id => $outlet) {
                self::assertGreaterThanOrEqual($all->outlets[$id]->lpm - 1e-6, $outlet->lpm);
            }
        }
        self::assertNotSame([], $all->outlets);
    }

    /** A battery that charges, a new filter and a full tank never give less. */
    #[DataProvider('systems')]
    public function testBetterConditionsNeverGiveLess(SystemType $system): void
    {
        $line = self::worked(SampleLines::of($system));
        foreach ($line->graph->outlets as $part) {
            $given = array_map(
                static fn (LineCase $case): float => $line->solve($case)->outlets[$part->id]->lpm,
                [LineCase::worst([$part->id]), new LineCase([$part->id]), LineCase::strongest([$part->id])],
            );
            self::assertGreaterThanOrEqual($given[0] - 1e-9, $given[1]);
            self::assertGreaterThanOrEqual($given[1] - 1e-9, $given[2]);
        }
    }

    /** A tap behind a pump takes what its own law says, with the pump where its curve meets the line. */
    public function testAnOutletFollowsItsLaw(): void
    {
        $line = self::worked(SampleLines::of(SystemType::Pressure));
        foreach ($line->graph->outlets as $part) {
            $one = $line->alone($part)->outlets[$part->id];
            self::assertEqualsWithDelta($one->figures->openLpm * sqrt($one->kpa / 100), $one->lpm, 1e-6);
        }
        [$alone, $all] = [$line->alone($line->graph->outlets[0]), $line->solve(new LineCase($line->all()))];
        $id = $line->graph->outlets[0]->id;
        self::assertLessThan($alone->outlets[$id]->lpm, $all->outlets[$id]->lpm);
        $pump = array_values($alone->pumps)[0];
        // 7 L/min at 12 V: at 12.8 V every flow and pressure of its curve is 12.8 / 12 as much.
        $scale = 12.8 / 12;
        $flow = $pump->lpm / $scale;
        $curve = $flow <= 3 ? 330 - 100 / 3 * $flow : 230 - 190 / 4 * ($flow - 3);
        self::assertEqualsWithDelta($curve * $scale, $pump->outKpa - $pump->inKpa, 0.01);
    }

    /** A tap that takes next to nothing: the pump swings between its switch points, and gives their mean. */
    public function testAPumpThatWouldGoBeyondItsCutOutStartsAndStops(): void
    {
        $line = self::worked(SampleLines::of(SystemType::PressureAccumulator)->figures('Basin tap', ['openLpm' => 0.5])->cut('Galley tap', 'in'));
        $tap = $line->graph->parts(PartKind::Tap)[1];
        $solved = $line->alone($tap);
        $pump = array_values($solved->pumps)[0];
        self::assertTrue($pump->cycles);
        self::assertEqualsWithDelta((100 + 200) / 2, $pump->outKpa, 0.1);
        $starts = PumpStarts::of($pump->part, $line);
        self::assertSame(0.75, $starts?->input->volumeL);
    }

    /** The mixer is set so that hot and cold come out at 38 °C, as near as their pressures let it. */
    public function testAShowerMixesAndAStoreLasts(): void
    {
        $line = self::worked(SampleLines::of(SystemType::StorageHeater, 'van'));
        $shower = $line->graph->parts(PartKind::Shower)[0];
        $one = $line->alone($shower)->outlets[$shower->id];
        self::assertEqualsWithDelta(38.0, $one->c, 1.0);
        $hot = HotOutlet::of($shower, $line);
        self::assertNotNull($hot);
        self::assertEqualsWithDelta(43.0, $hot->hottestC, 1e-9);
        // 10 L of 65 °C with water of 15 °C make 10 · 50 / 23 L of 38 °C, or 10 · 27 / 23 where the store mixes.
        self::assertEqualsWithDelta(10 * 50 / 23 / $one->lpm, $hot->bestMinutes, 1e-6);
        self::assertEqualsWithDelta(10 * 27 / 23 / $one->lpm, $hot->leastMinutes, 1e-6);
    }

    /** By hand: what stands at the tap on mains, and the shock of shutting it within a tenth of a second. */
    public function testTheHighestPressureIsThatOfMainsAndItsShock(): void
    {
        $line = self::worked(SampleLines::of(SystemType::Mains)->without('Pressure regulator'));
        $tap = $line->graph->plan->line->part('tap-1') ?? self::fail('There is a tap.');
        $inlet = $line->graph->parts(PartKind::MainsInlet)[0];
        $peak = $line->highest()->parts['tap-1'];
        self::assertSame(LineMode::MainsUse, $peak->mode);
        self::assertEqualsWithDelta(600 - 9.80665 * 0.999 * ($tap->zM - $inlet->zM), $peak->standingKpa, 1e-3);
        // At the flow that it has on mains, which is more than the pump’s.
        $path = WaterPath::to($tap, $line->aloneOnMains($tap), $line->graph);
        $lpm = $line->aloneOnMains($tap)->outlets['tap-1']->lpm;
        self::assertGreaterThan(1.5 * $line->alone($tap)->outlets['tap-1']->lpm, $lpm);
        $mps = $lpm / 60000 / (\M_PI / 4 * 0.0125 ** 2);
        // Back to the inlet, since no vessel stands on the way, and never more than what the pipe's wave makes.
        $lengthM = array_sum(array_map(static fn ($pipe): float => $pipe->lengthM, $path->pipes));
        self::assertEqualsWithDelta(min(250 * $mps, 2 * $lengthM * $mps / 0.1), $peak->shockKpa, 1e-6);
        self::assertEqualsWithDelta(210.0, self::worked(SampleLines::of(SystemType::Mains))->highest()->parts['accumulator-1']->standingKpa, 1e-6);
    }

    public function testTwoValvesAreFoundForUseAndForFilling(): void
    {
        $modes = self::worked(SampleLines::of(SystemType::TwoValves))->modes();
        $turned = static fn (LineMode $mode): array => array_intersect_key(
            array_map(static fn (Position $position): string => $position->value, $modes->of($mode)->positions),
            ['three-way-valve-1' => 1, 'three-way-valve-2' => 1, 'shut-off-1' => 1],
        );
        self::assertSame(['left', 'left'], [$turned(LineMode::Use)['three-way-valve-1'], $turned(LineMode::Use)['three-way-valve-2']]);
        self::assertSame(['right', 'right'], [$turned(LineMode::Fill)['three-way-valve-1'], $turned(LineMode::Fill)['three-way-valve-2']]);
        foreach ($modes->all() as $mode) {
            self::assertSame([], $mode->troubles, $mode->mode->value);
        }
    }

    /** Where both circuits are joined, the cans for drinking would take what is dosed into the tank. */
    public function testDrinkingWaterIsNotDosed(): void
    {
        $apart = SampleLines::of(SystemType::TwoCircuits);
        self::assertNull(self::worked($apart)->modes()->of(LineMode::Sanitise)->about(ModeTrouble::DosesDrinking));
        $joined = $apart->cut('Foot strainer for a can', 'in')->cut('Drinking tap', 'in')->without('Foot strainer for a can', 'Foot pump');
        $joined = $joined->toTank('drinking-cans.outlet', 'Galley tap', 'in');
        self::assertSame(['drinking-cans'], self::worked($joined)->modes()->of(LineMode::Sanitise)->about(ModeTrouble::DosesDrinking));
    }

    #[DataProvider('systems')]
    public function testTheSchematicRunsAlongTheWaterAndNothingStandsOnAnother(SystemType $system): void
    {
        $line = self::worked(SampleLines::of($system));
        $schematic = Schematic::of($line->graph);
        $places = [];
        foreach ($schematic->columns as $id => $column) {
            $places[$column.'/'.$schematic->rows[$id]][] = $id;
        }
        self::assertSame([], array_filter($places, static fn (array $ids): bool => \count($ids) > 1));
        foreach ($line->graph->pipes as $pipe) {
            [$from, $to] = [Schematic::element($pipe->from), Schematic::element($pipe->to)];
            self::assertGreaterThan($schematic->columns[$from], $schematic->columns[$to], 'pipe '.$pipe->pipe->id);
            // What runs along a row passes no part that stands on it.
            $row = $schematic->rows[$schematic->parentOf($to) === $from ? $to : $from];
            if (null === $schematic->lane($from, $to)) {
                $passed = array_filter(
                    array_keys($schematic->columns),
                    static fn (string $id): bool => $row === $schematic->rows[$id]
                        && $id !== $to
                        && $schematic->columns[$id] > $schematic->columns[$from]
                        && $schematic->columns[$id] < $schematic->columns[$to],
                );
                self::assertSame([], $passed, 'pipe '.$pipe->pipe->id);
            }
        }
    }
}
