<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Heat\SkinBurn;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\HotSection;
use YardCask\Core\Stage\Line\Solve\LineCase;

/** How warm water gets, how hot it can get, and what a store takes. */
final class HotWaterTest extends TestCase
{
    /** 69.77 W warm 1 L/min by 1 K. */
    private const W_LPM_K = 4186 / 60;

    public function testAWeakExchangerMakesOfAFlowWhatItsPowerAllows(): void
    {
        $sample = SampleLines::of(SystemType::Exchanger)->figures('Plate exchanger', ['watts' => 3500.0]);
        $line = Workings::over($sample->plan)->of(LineWorkings::class);
        $figures = Assessor::assess($sample->plan)->figures;
        foreach ($line->graph->outlets as $outlet) {
            $one = $line->alone($outlet)->outlets[$outlet->id];
            self::assertEqualsWithDelta(15 + 3500 / self::W_LPM_K / $one->lpm, $one->c, 1e-6);
            self::assertEqualsWithDelta($one->c, $figures['line.'.$outlet->id.'.warm']->value, 1e-9);
        }
        // Both at once share it.
        $both = $line->solve(new LineCase($line->all()))->outlets;
        $heat = array_sum(array_map(static fn ($one): float => $one->lpm * ($one->c - 15) * self::W_LPM_K, $both));
        self::assertEqualsWithDelta(3500, $heat, 1e-3);
    }

    public function testAnOpenWayRoundTheMixingValveIsTheHottest(): void
    {
        $storage = SampleLines::of(SystemType::StorageHeater);
        $shower = $storage->part('Sparing hand shower');
        self::assertSame(43.0, Workings::over($storage->plan)->of(LineWorkings::class)->warm->hottestC($shower));
        // A tee in the mixed pipe, and from its branch a pipe to one in the hot pipe before the valve.
        $teed = $storage->branched('Sparing hand shower', 'hot', 'tee-12');
        $branch = $teed->plan->line->parts[\count($teed->plan->line->parts) - 1];
        $open = $teed->toTank($branch->id.'.b', 'Mixing valve', 'hot');
        self::assertSame(65.0, Workings::over($open->plan)->of(LineWorkings::class)->warm->hottestC($shower));
    }

    /** The store heats 10 L by 50 K with 800 W: 2 093 kJ, 581 Wh. */
    public function testAStoreTakesMinutesAndAmpHoursAndCools(): void
    {
        $sample = SampleLines::of(SystemType::StorageHeater, 'van');
        $id = $sample->part('Storage heater')->id;
        $figures = Assessor::assess($sample->plan)->figures;
        self::assertEqualsWithDelta(10 * 4.186 * 50 / 0.8 / 60, $figures["line.$id.heat_minutes"]->value, 1e-9);
        self::assertEqualsWithDelta(10 * 4.186 * 50 / 3.6 / 12, $figures["line.$id.heat_amp_hours"]->value, 1e-9);
        // Through 6 · 0.2154² m² at 1.5 W/(m²·K), from 50 K above the air to 23 K.
        $wattsPerK = 1.5 * 6 * (0.01 ** (1 / 3)) ** 2;
        self::assertEqualsWithDelta(41860 / $wattsPerK / 3600 * log(50 / 23), $figures["line.$id.warm_hours"]->value, 1e-9);
    }

    /** @return iterable<string, array{float, float, float, float}> the vessel’s litres and precharge, the relief’s setting, and what is reached */
    public static function vessels(): iterable
    {
        // 10 L from 15 °C to 65 °C grow by 189 mL, from 280 kPa of the pump on; hoses stretch a little, too.
        yield 'the vessel takes it up' => [2.0, 150.0, 900.0, 344.0];
        yield 'a small one lets it rise to the relief valve’s setting' => [0.5, 150.0, 400.0, 400.0];
        yield 'and further where that is set higher' => [0.5, 150.0, 900.0, 793.0];
        yield 'with more air in it than the pump presses' => [2.0, 300.0, 900.0, 342.0];
    }

    #[DataProvider('vessels')]
    public function testHeatedWaterCompressesTheVesselOrOpensTheReliefValve(float $litres, float $prechargeKpa, float $reliefKpa, float $reachedKpa): void
    {
        $sample = SampleLines::of(SystemType::StorageHeater)
            ->figures('Expansion vessel', ['volumeL' => $litres, 'prechargeKpa' => $prechargeKpa])
            ->figures('Relief valve', ['setKpa' => $reliefKpa]);
        $line = Workings::over($sample->plan)->of(LineWorkings::class);
        // Boyle: all the air, before and after.
        $section = HotSection::of($sample->part('Storage heater'), $line->graph) ?? self::fail('It heats.');
        $coldKpa = $line->highest()->coldKpa[$sample->part('Storage heater')->id];
        $air = static fn (float $kpa): float => $litres * min(1.0, ($prechargeKpa + 101.325) / ($kpa + 101.325));
        $heatedKpa = $section->heatedKpa($coldKpa);
        self::assertEqualsWithDelta($reachedKpa, $section->highestKpa($coldKpa), 1.0);
        self::assertGreaterThanOrEqual($reachedKpa - 1.0, $line->highest()->parts[$sample->part('Storage heater')->id]->kpa());
        self::assertEqualsWithDelta(10 * (Water::density(15) / Water::density(65) - 1), $section->expandsL, 1e-9);
        self::assertEqualsWithDelta($section->expandsL, $air($coldKpa) - $air($heatedKpa), 0.03);
        self::assertLessThanOrEqual($section->expandsL + 1e-6, $air($coldKpa) - $air($heatedKpa));
    }

    /** @return iterable<string, array{float, float|null}> °C and seconds */
    public static function burns(): iterable
    {
        yield 'skin stands it for hours' => [43.9, null];
        yield 'six hours' => [44.0, 21600.0];
        yield 'between nine and a half and four minutes' => [50.0, sqrt(570 * 240)];
        yield 'minutes, not seconds' => [51.0, 240.0];
        yield 'half a minute' => [55.0, 30.0];
        yield 'five seconds' => [60.0, 5.0];
        yield 'at once' => [90.0, 1.0];
    }

    #[DataProvider('burns')]
    public function testSkinBurns(float $c, ?float $seconds): void
    {
        $burns = SkinBurn::seconds($c);
        if (null === $seconds) {
            self::assertNull($burns);
        } else {
            self::assertEqualsWithDelta($seconds, $burns, 1e-9);
        }
    }
}
