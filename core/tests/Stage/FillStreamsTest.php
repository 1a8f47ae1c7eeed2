<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Severity;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PassFigures;
use YardCask\Core\Plan\Line\RegulatorFigures;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Stage\Tanks\Shared\FilledTanks;
use YardCask\Core\Stage\Tanks\Shared\FillStream;
use YardCask\Core\Stage\Tanks\Shared\Openings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Start\FirstAnswers;
use YardCask\Core\Start\PlanStarter;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Whatever is left running into a tank has a way out of it, and how hard it presses meanwhile. */
final class FillStreamsTest extends TestCase
{
    /** Of water at 10 °C. */
    private const KPA_PER_M = 9.80665 * 0.9997;

    private static function breather(float $mm, float $upMm = 50.0): PlannedPort
    {
        return new PlannedPort('breather', 'Breather', PortRole::Vent, Face::Top, 50, $upMm, $mm, 0, true);
    }

    private static function filled(SystemType $system): Plan
    {
        return SampleLines::of($system)->plan;
    }

    /** @return list<FillStream> */
    private static function streams(Plan $plan, int $tank = 0): array
    {
        $workings = Workings::over($plan);

        return FilledTanks::streams($workings->of(TanksWorkings::class)->all()[$tank], $workings);
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_values(array_unique(array_map(static fn (SentFinding $finding): string => $finding->code, Assessor::assess($plan, '-')->findings)));
    }

    public function testANeckRunsOverAtItsMouthHoweverThinTheVentIs(): void
    {
        // Fellside’s lid stands at 0.98 m, and the mouth of its fill at 1.28 m.
        foreach ([4.0, 16.0] as $mm) {
            $plan = PlanPatch::replace('/tanks/0/ports/1/bore_mm', $mm)->applyTo(SamplePlans::fellside());
            self::assertEqualsWithDelta(0.3 * self::KPA_PER_M, self::streams($plan)[0]->lidKpa(), 0.05 * (16 - $mm) + 0.6);
            self::assertLessThanOrEqual(0.3 * self::KPA_PER_M + 1e-3, self::streams($plan)[0]->lidKpa());
        }
    }

    public function testAHoseThatIsScrewedOnPressesUntilTheVentCarriesItAll(): void
    {
        $plan = PlanPatch::replace('/runs/0/end', 'valve')->applyTo(SamplePlans::fellside());
        $stream = self::streams($plan)[0];
        // 0.2 m up and 0.68 m down again, 0.22 m aside, through 16 mm.
        $pipe = new PipeInput(0.2 + hypot(0.22, 0.68), 16.0, $stream->lpm, 1.5);
        self::assertEqualsWithDelta(0.2 * self::KPA_PER_M + PipeCalculator::calculate($pipe)->totalKpa(), $stream->lidKpa(), 0.05);
    }

    public function testTheLineGivesLessTheHarderItPresses(): void
    {
        $plan = PlanPatch::replace('/tanks/0/ports', [self::breather(5.0)])->applyTo(self::filled(SystemType::FilteredFill));
        [$stream] = self::streams($plan);
        self::assertSame('mains_fill', $stream->by);
        self::assertGreaterThan(Openings::USUAL_WALL_KPA, $stream->lidKpa());
        self::assertLessThan($stream->restKpa, $stream->lidKpa());
        // A port without a hose: 30 mm of 5 mm, and what leaves through it is what still comes.
        $leaves = PipeCalculator::flowLpm(new PipeInput(0.03, 5.0, 0.0, 1.5), $stream->lidKpa());
        self::assertEqualsWithDelta($stream->lpm * sqrt(1 - $stream->lidKpa() / $stream->restKpa), $leaves, 0.05);
        self::assertContains('tanks.overflow-small', self::codes($plan));
    }

    public function testFilledFromMainsItsFlowIsWhereTheRegulatorsPressureIsUsedUp(): void
    {
        $plan = self::filled(SystemType::FilteredFill);
        $workings = Workings::over($plan);
        [$fill] = $workings->of(LineFills::class)->of($plan->tanks[0]);
        self::assertSame(LineMode::MainsFill, $fill->mode);
        foreach ([[$fill->lpm, false], [$fill->wornLpm, true]] as [$lpm, $worn]) {
            $setKpa = $filterKpa = $floatKpa = 0.0;
            foreach ($plan->line->parts as $part) {
                if ($part->figures instanceof RegulatorFigures) {
                    $setKpa = $part->figures->setKpa - self::KPA_PER_M * ($plan->tanks[0]->zM + $plan->tanks[0]->heightMm / 1000 - $part->zM);
                } elseif ($part->figures instanceof FilterFigures) {
                    $ratedKpa = $worn ? $part->figures->wornKpa : $part->figures->ratedKpa;
                    $filterKpa = $ratedKpa * ($lpm / $part->figures->ratedLpm) ** 1.5;
                } elseif ($part->figures instanceof PassFigures && PartKind::FloatValve === $part->kind) {
                    $floatKpa = $part->figures->ratedKpa * ($lpm / $part->figures->ratedLpm) ** 2;
                }
            }
            $pipesKpa = 0.0;
            foreach (\array_slice($workings->of(LineWorkings::class)->graph->pipes, 2, 3) as $pipe) {
                $pipesKpa += PipeCalculator::calculate(new PipeInput($pipe->lengthM, $pipe->pipe->tube->boreMm, $lpm, $pipe->kSum()))->totalKpa();
            }
            self::assertEqualsWithDelta($setKpa, $filterKpa + $floatKpa + $pipesKpa, 0.2);
        }
        self::assertLessThan($fill->lpm - 0.5, $fill->wornLpm);
        $rise = array_column(Assessor::sums($plan)['tanks.header.line_fill']->inputs, 'value', 'symbol')['rise'];
        $riseM = $plan->tanks[0]->zM + $plan->tanks[0]->heightMm / 1000 - $plan->line->parts[0]->zM;
        self::assertEqualsWithDelta(self::KPA_PER_M * $riseM, $rise, 0.01);
    }

    public function testASealedTankIsAStopThatSaysWhatItsWallsStand(): void
    {
        $found = Assessor::assess(self::filled(SystemType::FilteredFill))->findings;
        $sealed = array_values(array_filter($found, static fn (SentFinding $finding): bool => 'tanks.sealed' === $finding->code))[0];
        self::assertSame(Severity::Stop, $sealed->severity);
        self::assertSame('Mains pressure bursts Header tank', $sealed->title);
        self::assertSame(
            'Mains water runs in at up to 138 kPa, and the tank has no vent, overflow or open neck to let anything out. Its walls are assumed to hold 10 kPa.',
            str_replace("\u{A0}", ' ', $sealed->why),
        );
        self::assertSame(['Add a vent'], array_column($sealed->fixes, 'label'));
    }

    /** What mains can push in and nothing lets out bursts the tank; what a pump pushes in has no vent. */
    #[TestWith([SystemType::FilteredFill, 'tanks.sealed'])]
    #[TestWith([SystemType::TwoValves, 'tanks.unvented'])]
    #[TestWith([SystemType::Gravity, 'tanks.unvented'])]
    public function testATankThatTheLineFillsNeedsAWayOut(SystemType $system, string $code): void
    {
        $plan = self::filled($system);
        self::assertContains($code, self::codes($plan));
        $open = PlanPatch::replace('/tanks/0/ports', [self::breather(25.0)])->applyTo($plan);
        self::assertSame([], array_intersect(['tanks.sealed', 'tanks.unvented', 'tanks.vent-thin', 'tanks.overflow-small'], self::codes($open)));
    }

    #[TestWith(['van', SystemType::FilteredFill])]
    #[TestWith(['bus', SystemType::FilteredFill])]
    #[TestWith(['boat', SystemType::FilteredFill])]
    #[TestWith(['boat', SystemType::TwoValves])]
    #[TestWith(['van', SystemType::TwoValves])]
    #[TestWith(['bus', SystemType::TwoValves])]
    public function testANewPlanHasAWayOutOfEveryTankThatItFills(string $rig, SystemType $system): void
    {
        $choices = SamplePlans::choices();
        $answers = ['crew' => 2, 'stay' => 'mixed', 'habit' => 'ordinary', 'days' => 3, 'rig' => $rig, 'system' => $system->value];
        $plan = PlanStarter::start(FirstAnswers::read((object) $answers, $choices), $choices, SampleLines::book(), SampleLines::stock());
        $filled = array_merge(...array_map(static fn (int $tank): array => self::streams($plan, $tank), array_keys($plan->tanks)));
        self::assertNotSame([], $filled);
        self::assertSame([], array_intersect(['tanks.sealed', 'tanks.unvented', 'tanks.vent-thin', 'tanks.overflow-small', 'tanks.port-blocked'], self::codes($plan)));
    }

    public function testAThinVentHoldsBackAGravityLineAndAWideOneDoesNot(): void
    {
        $lpm = static function (?float $mm): float {
            $gravity = self::filled(SystemType::Gravity);
            $plan = null === $mm ? $gravity : PlanPatch::append('/tanks/0/ports', self::breather($mm))->applyTo($gravity);
            $line = Workings::over($plan)->of(LineWorkings::class);

            return $line->alone($line->graph->outlets[0])->outlets[$line->graph->outlets[0]->id]->lpm;
        };
        self::assertEqualsWithDelta($lpm(null), $lpm(40.0), 1e-6);
        self::assertLessThan(0.98 * $lpm(40.0), $lpm(3.0));
        self::assertGreaterThan(0.5 * $lpm(40.0), $lpm(3.0));
    }

    public function testNoTankThatSomethingIsPushedIntoIsSilentlyShut(): void
    {
        $shut = 0;
        for ($seed = 1; $seed <= 90; ++$seed) {
            $base = 0 === $seed % 3 ? SamplePlans::varied($seed) : self::filled([SystemType::FilteredFill, SystemType::TwoValves][$seed % 2]);
            mt_srand($seed);
            $plan = $base;
            foreach ($base->tanks as $index => $tank) {
                $ports = array_filter($tank->ports, static fn (): bool => mt_rand(0, 2) > 0);
                $plan = PlanPatch::replace('/tanks/'.$index.'/ports', array_values($ports))->applyTo($plan);
            }
            $found = Assessor::assess($plan, '-')->findings;
            foreach (array_keys($plan->tanks) as $index) {
                $sealed = array_filter(self::streams($plan, $index), static fn (FillStream $stream): bool => $stream->isSealed() && $stream->restKpa > 50);
                $own = array_filter($found, static fn (SentFinding $one): bool => \in_array($plan->tanks[$index]->id, $one->subject, true)
                    && \in_array($one->code, ['tanks.sealed', 'tanks.unvented'], true));
                if ([] !== $sealed && TankMounting::Fixed === $plan->tanks[$index]->form) {
                    self::assertNotSame([], $own, 'seed '.$seed);
                    ++$shut;
                }
            }
        }
        self::assertGreaterThan(20, $shut);
    }

    public function testEveryFurtherOpeningRelievesAndAPlanWorkedOutFromAnotherAgrees(): void
    {
        mt_srand(18);
        for ($round = 0; $round < 60; ++$round) {
            $system = [SystemType::FilteredFill, SystemType::TwoValves, SystemType::Gravity][$round % 3];
            $plan = self::filled($system);
            $before = \INF;
            for ($ports = []; \count($ports) < 3;) {
                $port = self::breather(mt_rand(30, 250) / 10);
                $ports[] = PartFields::changed($port, ['id' => 'breather-'.\count($ports), 'name' => 'Breather '.\count($ports)]);
                $with = PlanPatch::replace('/tanks/0/ports', $ports)->applyTo($plan);
                $worst = max(array_map(static fn (FillStream $stream): float => $stream->lidKpa(), self::streams($with)));
                self::assertLessThanOrEqual($before + 2e-3, $worst);
                $before = $worst;
                $after = Workings::over($plan);
                $after->of(LineFills::class);
                $from = $after->with($with);
                self::assertEquals(self::streams($with), FilledTanks::streams($from->of(TanksWorkings::class)->all()[0], $from));
            }
        }
    }
}
