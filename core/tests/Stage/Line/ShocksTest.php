<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Solve\LineCase;

/** Where the shock of a shut outlet is felt, and what the pump reaches without it. */
final class ShocksTest extends TestCase
{
    public function testItEntersBranchesAndBothSidesOfAMixerButNotTheSuctionSide(): void
    {
        $sample = SampleLines::of(SystemType::Pressure);
        $line = self::worked($sample);
        $parts = $line->highest()->parts;
        // The drain valve is on the way; the basin tap hangs on a branch of the galley tap’s, and gets its shock.
        $galley = $parts[$sample->part('Galley tap')->id]->shockKpa;
        self::assertGreaterThan(20.0, $galley);
        self::assertGreaterThanOrEqual(min($galley, $parts[$sample->part('Tee')->id]->shockKpa), $parts[$sample->part('Basin tap')->id]->shockKpa);
        self::assertSame(0.0, $parts[$sample->part('Bowl strainer')->id]->shockKpa);
        self::assertGreaterThan(0.0, $parts[$sample->part('Pressure pump')->id]->shockKpa);

        $mixed = SampleLines::of(SystemType::StorageHeater)->without('Accumulator', 'Expansion vessel', 'Relief valve');
        foreach (['hot', 'cold'] as $side) {
            $pipe = $mixed->pipe('Galley mixer', $side);
            $index = (int) array_search($pipe->id, array_column($mixed->plan->line->pipes, 'id'), true);
            self::assertGreaterThan(5.0, self::worked($mixed)->highest()->pipes[$index]->shockKpa, $side);
        }
    }

    public function testItIsThatOfTheFlowAtTheStrongestBattery(): void
    {
        $sample = SampleLines::of(SystemType::Pressure);
        $line = self::worked($sample);
        $tap = $sample->part('Galley tap');
        $peak = $line->highest()->parts[$tap->id];
        $lpm = $line->solve(LineCase::strongest([$tap->id]))->outlets[$tap->id]->lpm;
        $last = $line->graph->pipeAt($tap, $tap->kind->ports()[0]) ?? self::fail('A pipe leads to it.');
        self::assertSame(LineMode::Use, $peak->mode);
        self::assertLessThanOrEqual($last->pipe->tube->waveMps * $last->velocityMps($lpm) + 1e-9, $peak->shockKpa);
        self::assertGreaterThan(0.1 * $peak->shockKpa, $peak->shockKpa - 2 * $last->lengthM * $last->velocityMps($lpm) / 0.1 + $peak->shockKpa);
    }

    /** An impeller’s pressure goes with the square of the voltage, a diaphragm’s in proportion; a switch stops neither before it is reached. */
    public function testAPumpReachesWhatItsCurveAllowsAtTheStrongestBattery(): void
    {
        $submersible = SampleLines::of(SystemType::CanSwitched)->figures('Submersible pump', ['curve' => SampleLines::curve(159.0)]);
        $peak = self::worked($submersible)->highest()->parts[$submersible->part('Submersible pump')->id];
        $headKpa = $peak->standingKpa - 159 * (14.2 / 12) ** 2;
        self::assertGreaterThan(-0.001, $headKpa);
        self::assertLessThan(25.0, $headKpa);
        self::assertEqualsWithDelta(222.6, 159 * (14.2 / 12) ** 2, 0.1);

        $weak = SampleLines::of(SystemType::Pressure)->figures('Pressure pump', ['curve' => SampleLines::curve(150.0), 'cutOutKpa' => 250.0]);
        $reached = self::worked($weak)->highest()->parts[$weak->part('Pressure pump')->id]->standingKpa;
        self::assertGreaterThan(150 * 14.2 / 12 - 0.001, $reached);
        self::assertLessThan(250.0, $reached);
    }

    public function testWaveSpeedAndStretchOfEveryPipeOfTheCatalogueAgree(): void
    {
        foreach (SampleLines::stock()->pipes() as $pipe) {
            self::assertEqualsWithDelta(self::waveMps($pipe), $pipe->tube->waveMps, 0.02 * $pipe->tube->waveMps, $pipe->name);
        }
    }

    /** √(1 / ρ(1/K + what it gives)), with water’s K of 2.2 GPa. */
    private static function waveMps(StockPipe $pipe): float
    {
        $litresAM = \M_PI / 4 * ($pipe->tube->boreMm / 1000) ** 2 * 1000;

        return 1 / sqrt(1000 * (1 / 2.2e9 + $pipe->tube->stretchL / $litresAM / 1e5));
    }

    private static function worked(SampleLines $sample): LineWorkings
    {
        return Workings::over($sample->plan)->of(LineWorkings::class);
    }
}
