<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\PumpStarts;

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
        yield 'nor through a mixer at a sink' => [SampleLines::of(SystemType::Exchanger)->without('Accumulator')->into('Galley mixer', 'hot', 'expansion-4'), null];
        yield 'before the pump it does nothing' => [$pressure->moved('Accumulator', 'Bowl strainer', 'in'), null];
        yield 'the larger of two' => [$pressure->into('Basin tap', 'in', 'accumulator-2'), 'Accumulator 2'];
        yield 'the larger of two, wherever it hangs' => [$pressure->into('Basin tap', 'in', 'accumulator-035'), 'Accumulator'];
        yield 'behind a non-return valve on the way to one tap' => [$pressure->without('Accumulator')->into('Basin tap', 'in', 'non-return-12')->into('Basin tap', 'in', 'accumulator-2'), null];
    }

    #[DataProvider('vessels')]
    public function testTheVesselThatGivesWaterBack(SampleLines $sample, ?string $vessel): void
    {
        $starts = self::starts($sample);
        self::assertSame($vessel, $starts->vessel?->name);
        self::assertSame(null === $vessel ? 0.0 : ($sample->part($vessel)->figures->volumeL ?? null), $starts->input->volumeL);
    }

    /** 1 L at 100 kPa between 170 and 280 kPa: 201.325 · (1/271.325 − 1/381.325) = 0.214 L, and what the hoses give. */
    public function testStartsAreTheDrawdownFilledAndDrawn(): void
    {
        $starts = self::starts(SampleLines::of(SystemType::StorageHeater));
        self::assertSame([1.0, 100.0, 170.0, 280.0], [$starts->input->volumeL, $starts->input->prechargeKpa, $starts->input->cutInKpa, $starts->input->cutOutKpa]);
        $drawdownL = 201.325 * (1 / 271.325 - 1 / 381.325) + $starts->input->stretchLPer100kpa * 1.1;
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
}
