<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Mode\ModeTrouble;
use YardCask\Core\Stage\Line\Mode\Position;

/** Which modes a line has, how its valves are turned for each, and what each way may touch. */
final class ModesTest extends TestCase
{
    private const PRESSURE = ['use', 'drain', 'sanitise', 'off'];

    /** @return iterable<string, array{SystemType, list<string>}> */
    public static function systems(): iterable
    {
        yield 'a can has nothing to drain: it is lifted out' => [SystemType::CanFoot, ['use', 'sanitise']];
        yield 'a can with a switched pump' => [SystemType::CanSwitched, ['use', 'sanitise', 'off']];
        yield 'a can over a tap' => [SystemType::CanGravity, ['use', 'sanitise']];
        yield 'a pump' => [SystemType::Pressure, self::PRESSURE];
        yield 'with a vessel' => [SystemType::PressureAccumulator, self::PRESSURE];
        yield 'with mains past the pump' => [SystemType::Mains, ['use', 'mains_use', 'drain', 'sanitise', 'off']];
        yield 'filtered on the way in' => [SystemType::FilteredFill, ['use', 'mains_fill', 'drain', 'sanitise', 'off']];
        yield 'a header that a hand pump fills' => [SystemType::Gravity, ['use', 'drain', 'sanitise', 'transfer']];
        yield 'two circuits' => [SystemType::TwoCircuits, self::PRESSURE];
        yield 'a store' => [SystemType::StorageHeater, self::PRESSURE];
        yield 'an exchanger' => [SystemType::Exchanger, self::PRESSURE];
        yield 'two valves that turn one pump to either' => [SystemType::TwoValves, ['use', 'fill', 'drain', 'sanitise', 'off']];
    }

    /** @param list<string> $modes */
    #[DataProvider('systems')]
    public function testASystemTypeHasTheModesOfItsPartsAndNothingIsWrongWithAny(SystemType $system, array $modes): void
    {
        $found = self::worked(SampleLines::of($system))->modes()->all();
        self::assertSame($modes, array_map(static fn ($one): string => $one->mode->value, $found));
        foreach ($found as $mode) {
            self::assertSame([], $mode->troubles, $mode->mode->value);
        }
    }

    public function testEveryDrainIsOpenToDrainAndShutToUse(): void
    {
        foreach ([SystemType::Pressure, SystemType::Mains, SystemType::StorageHeater, SystemType::Exchanger, SystemType::TwoValves] as $system) {
            $line = self::worked(SampleLines::of($system));
            foreach ($line->graph->parts(PartKind::DrainValve, PartKind::ShutOff) as $valve) {
                self::assertSame(
                    PartKind::ShutOff === $valve->kind ? Position::Open : Position::Shut,
                    $line->modes()->of(LineMode::Use)->positions[$valve->id],
                );
                self::assertSame(Position::Open, $line->modes()->of(LineMode::Drain)->positions[$valve->id]);
            }
        }
    }

    public function testMainsUseTouchesNeitherTankNorPumpAndMainsFillNoOutlet(): void
    {
        $mains = self::worked(SampleLines::of(SystemType::Mains));
        self::assertSame(
            [],
            array_intersect(self::touched($mains, LineMode::MainsUse), ['header', 'strainer-1']),
            'It stands behind the pump and goes no further.',
        );
        self::assertContains('regulator-1', self::touched($mains, LineMode::MainsUse));
        $fill = self::worked(SampleLines::of(SystemType::FilteredFill));
        $touched = self::touched($fill, LineMode::MainsFill);
        self::assertSame([], array_intersect($touched, ['tap-1', 'tap-2', 'pressure-pump-1']));
        self::assertContains('filter-1', $touched, 'What comes in is filtered.');
    }

    public function testTwoValvesFillThroughThePumpAndPastTheTaps(): void
    {
        $touched = self::touched(self::worked(SampleLines::of(SystemType::TwoValves)), LineMode::Fill);
        self::assertContains('pressure-pump-1', $touched);
        self::assertContains('fill-inlet-1', $touched);
        self::assertSame([], array_intersect($touched, ['tap-1', 'tap-2', 'tee-1']));
    }

    /** @return iterable<string, array{SampleLines, LineMode, ModeTrouble, list<string>}> */
    public static function troubles(): iterable
    {
        $mains = SampleLines::of(SystemType::Mains);
        $pressure = SampleLines::of(SystemType::Pressure);
        $two = SampleLines::of(SystemType::TwoValves);
        yield 'the pump presses out of the wall' => [
            $mains->without('Double check valve', 'Pressure regulator'),
            LineMode::Use,
            ModeTrouble::OutByWall,
            ['mains-inlet-1'],
        ];
        yield 'a free end runs out' => [$pressure->branched('Galley tap', 'in', 'free-end-12'), LineMode::Use, ModeTrouble::RunsOut, ['free-end-1']];
        yield 'filling comes to the taps' => [$two->branched('Pressure pump', 'out', 'tap-basin'), LineMode::Fill, ModeTrouble::FillToOutlet, ['tap-3']];
        yield 'nothing comes to a tap' => [$pressure->turned('Pressure pump'), LineMode::Use, ModeTrouble::NoWay, ['tap-1', 'tap-2']];
    }

    /** @param list<string> $about */
    #[DataProvider('troubles')]
    public function testWhatGoesWrongNamesThePartThatItIsAbout(SampleLines $sample, LineMode $mode, ModeTrouble $trouble, array $about): void
    {
        self::assertSame($about, self::worked($sample)->modes()->of($mode)->about($trouble));
    }

    private static function worked(SampleLines $line): LineWorkings
    {
        return Workings::over($line->plan)->of(LineWorkings::class);
    }

    /** @return list<string> the ids of the parts and tanks at the ends of the pipes on the way */
    private static function touched(LineWorkings $line, LineMode $mode): array
    {
        $pipes = array_intersect_key($line->graph->pipes, $line->modes()->of($mode)->path);
        $ends = array_merge(...array_map(static fn (LinePipe $pipe): array => [$pipe->from, $pipe->to], array_values($pipes)));

        return array_values(array_unique(array_map(static fn (LineEnd $end): string => $end->owner->id, $ends)));
    }
}
