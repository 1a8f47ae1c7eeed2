<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Tests\SamplePlans;

/** Which vessel answers a trickle, and how often the pump starts with it. */
final class PumpStartsTest extends TestCase
{
    /** @return iterable<string, array{SampleLines, string|null}> a line, and the vessel that counts */
    public static function vessels(): iterable
    {
        $storage = SampleLines::of(SystemType::StorageHeater);
        $pressure = SampleLines::of(SystemType::PressureAccumulator);
        yield 'behind the pump' => [$pressure, 'Accumulator'];
        yield 'none' => [SampleLines::of(SystemType::Pressure), null];
        yield 'the heater’s is larger, but water does not come back through a mixing valve' => [$storage, 'Accumulator'];
        yield 'nor through a non-return valve' => [$storage->without('Accumulator'), null];
        yield 'nor through a mixer at a sink' => [
            SampleLines::of(SystemType::Exchanger)->without('Accumulator')->into('Galley mixer', 'hot', 'expansion-4'),
            null,
        ];
        yield 'before the pump it does nothing' => [$pressure->moved('Accumulator', 'Bowl strainer', 'in'), null];
        yield 'the larger of two' => [$pressure->into('Basin tap', 'in', 'accumulator-2'), 'Accumulator 2'];
        yield 'the larger of two, wherever it hangs' => [$pressure->into('Basin tap', 'in', 'accumulator-035'), 'Accumulator'];
        yield 'behind a non-return valve on the way to one tap' => [
            $pressure->without('Accumulator')->into('Basin tap', 'in', 'non-return-12')->into('Basin tap', 'in', 'accumulator-2'),
            null,
        ];
    }

    #[DataProvider('vessels')]
    public function testTheVesselThatGivesWaterBack(SampleLines $sample, ?string $vessel): void
    {
        $starts = self::starts($sample);
        self::assertSame($vessel, $starts->vessel?->name);
        self::assertSame(null === $vessel ? 0.0 : ($sample->part($vessel)->figures->volumeL ?? null), $starts->input->volumeL);
    }

    /** 1 L at 156 kPa between 170 and 280 kPa: 257.325 · (1/271.325 − 1/381.325) = 0.274 L, and what the hoses give. */
    public function testStartsAreTheDrawdownFilledAndDrawn(): void
    {
        $starts = self::starts(SampleLines::of(SystemType::StorageHeater));
        self::assertSame(
            [1.0, 156.0, 170.0, 280.0],
            [$starts->input->volumeL, $starts->input->prechargeKpa, $starts->input->cutInKpa, $starts->input->cutOutKpa],
        );
        $drawdownL = 257.325 * (1 / 271.325 - 1 / 381.325) + $starts->input->stretchLPer100kpa * 1.1;
        self::assertEqualsWithDelta($drawdownL, $starts->result->drawdownL, 1e-9);
        self::assertLessThan(0.02, $starts->input->stretchLPer100kpa, 'A few metres of hose give little.');
        $seconds = 60 * $drawdownL / PumpStarts::TRICKLE_LPM + 60 * $drawdownL / ($starts->input->pumpLpm - PumpStarts::TRICKLE_LPM);
        self::assertEqualsWithDelta(3600 / $seconds, $starts->result->cyclesPerHour, 1e-6);
    }

    public function testAPumpWithoutASwitchStartsNever(): void
    {
        $line = SampleLines::of(SystemType::CanSwitched);
        self::assertNull(PumpStarts::of($line->part('Submersible pump'), Workings::over($line->plan)->of(LineWorkings::class)));
    }

    private static function starts(SampleLines $sample): PumpStarts
    {
        return PumpStarts::of($sample->part('Pressure pump'), Workings::over($sample->plan)->of(LineWorkings::class)) ?? self::fail('It has a switch.');
    }

    /** @return iterable<string, array{SystemType}> */
    public static function pumped(): iterable
    {
        foreach ([SystemType::Pressure, SystemType::Mains, SystemType::TwoValves, SystemType::Exchanger] as $system) {
            yield $system->value => [$system];
        }
    }

    /** What a hose gives when the pump has stopped counts once, whichever ways lead to it. */
    #[DataProvider('pumped')]
    public function testEachHoseBehindThePumpCountsOnce(SystemType $system): void
    {
        $plan = SampleLines::of($system)->plan;
        $behind = 0;
        foreach ($plan->line->pipes as $index => $pipe) {
            $softer = Plan::read(
                SamplePlans::patched(
                    $plan,
                    Json::encode([['op' => 'replace', 'path' => "/line/pipes/$index/stretch_l", 'value' => $pipe->tube->stretchL + 0.01]]),
                ),
            );
            $addedL = self::stretchL($softer) - self::stretchL($plan);
            $lengthM = LineGraph::of($plan)->pipes[$index]->lengthM;
            self::assertEqualsWithDelta($addedL > 1e-9 ? 0.01 * $lengthM : 0.0, $addedL, 1e-9, $pipe->name);
            $behind += $addedL > 1e-9 ? 1 : 0;
        }
        self::assertGreaterThan(2, $behind);
        self::assertLessThan(\count($plan->line->pipes), $behind, 'What lies before the pump counts too.');
    }

    private static function stretchL(Plan $plan): float
    {
        $line = Workings::over($plan)->of(LineWorkings::class);
        $pump = $line->graph->parts(PartKind::PressurePump)[0] ?? self::fail('There is no pump.');

        return PumpStarts::of($pump, $line)->input->stretchLPer100kpa ?? self::fail('It has no switch.');
    }
}
