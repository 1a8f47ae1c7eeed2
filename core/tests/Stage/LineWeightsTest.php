<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Shared\LineWeight;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Tests\SamplePlans;

/** The line’s own weight and the water in it, where the rig is weighed. */
final class LineWeightsTest extends TestCase
{
    private const NO_LINE = '{"op":"replace","path":"/line","value":{"parts":[],"pipes":[]}}';
    private const OUT = '{"op":"replace","path":"/load/rig/weighed_with_line","value":"out"}';

    public function testAHeaterRestsOnTheAxlesAtItsPlaceInEveryState(): void
    {
        $with = self::fellside(self::OUT, self::heaterAt(3.0, -0.5));
        $without = self::fellside(self::OUT, self::NO_LINE);
        // The heater weighs 8.2 kg and holds 10 L; the rest rests at its own places.
        $heater = self::weight($with, 'Storage heater');
        self::assertSame([8.2, 10.0, 3.0, -0.5], [$heater->ownKg, $heater->waterL, $heater->xM, $heater->yM]);
        $rest = array_filter(self::weights($with), static fn (LineWeight $one): bool => $one !== $heater && 'Storage heater' !== $one->name);
        $restMoment = array_sum(array_map(static fn (LineWeight $one): float => $one->kg() * $one->xM, $rest));
        $restKg = array_sum(array_map(static fn (LineWeight $one): float => $one->kg(), $rest));
        self::assertGreaterThan(10.0, $restKg);
        foreach (RigState::cases() as $state) {
            $added = static fn (LimitName $name): float => self::kg($with, $state, $name) - self::kg($without, $state, $name);
            // Without a line every tank counts as drawn, so the water itself may differ once it is used.
            if (RigState::UsedUp !== $state && RigState::Refilled !== $state) {
                self::assertEqualsWithDelta(18.2 + $restKg, $added(LimitName::Gross), 1e-9, $state->value);
                self::assertEqualsWithDelta((18.2 * 3.0 + $restMoment) / 3.3, $added(LimitName::Rear), 1e-9, $state->value);
            }
        }
        $figures = Assessor::assess($with)->figures;
        self::assertEqualsWithDelta(18.2 + $restKg, $figures['load.line']->value + $figures['load.line_water']->value, 1e-9);
        self::assertArrayNotHasKey('load.line', Assessor::assess($without)->figures);
    }

    /** @return iterable<string, array{string, string, float, float}> what the ticket says, and what of it counts twice: own kg, water kg */
    public static function weighings(): iterable
    {
        yield 'a van before the line was fitted' => ['fellside', 'out', 0.0, 0.0];
        yield 'a van with a drained line' => ['fellside', 'drained', 1.0, 0.0];
        yield 'a van with a full line' => ['fellside', 'full', 1.0, 1.0];
        yield 'a trailer before the line was fitted' => ['bothy', 'out', 0.0, 0.0];
        yield 'a trailer with a drained line' => ['bothy', 'drained', 1.0, 0.0];
        yield 'a trailer with a full line' => ['bothy', 'full', 1.0, 1.0];
    }

    #[DataProvider('weighings')]
    public function testWhatWasOnTheScaleIsNotCountedTwice(string $plan, string $then, float $own, float $water): void
    {
        $demo = SamplePlans::demos()[$plan];
        $ticket = 'fellside' === $plan ? '{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1455},' : '';
        $said = static fn (string $line): Plan => Plan::read(
            SamplePlans::patched($demo, '['.$ticket.'{"op":"replace","path":"/load/rig/weighed_with_line","value":"'.$line.'"}]'),
        );
        $line = Workings::over($said($then))->of(LineWeights::class);
        self::assertEqualsWithDelta(
            self::kg($said('out'), RigState::Travelling, LimitName::Gross) - $own * $line->ownKg() - $water * $line->waterL(),
            self::kg($said($then), RigState::Travelling, LimitName::Gross),
            1e-9,
        );
    }

    public function testABoatWithItsHeaterHighUpIsLessStable(): void
    {
        $low = self::boat(0.2);
        $high = self::boat(1.8);
        $gmM = static fn (Plan $plan): float => Assessor::assess($plan)->figures['load.gm']->value;
        $kg = Assessor::assess($low)->figures['load.displacement']->value;
        self::assertEqualsWithDelta(50 * 1.6 / $kg, $gmM($low) - $gmM($high), 1e-9);
    }

    private static function boat(float $zM): Plan
    {
        $heater = self::heater($zM);

        return Plan::read(SamplePlans::patched(
            SamplePlans::demos()['petrel'],
            '[{"op":"add","path":"/load/rig/draught_m","value":0.5},{"op":"add","path":"/line/parts/-","value":'.$heater.'}]',
        ));
    }

    private static function heater(float $zM): string
    {
        $figures = '{"family":"heater","rated_lpm":12,"rated_kpa":5,"watts":800,"hot_c":65,"litres":30}';

        return '{"id":"heater-9","name":"Spare heater","kind":"storage_heater","rating_kpa":600,"rating_c":95,"food_grade":true,"weight_kg":20,'
            .'"price":300,"figures":'.$figures.',"z_m":'.$zM.',"reversed":false}';
    }

    private static function heaterAt(float $xM, float $yM): string
    {
        $index = array_search('Storage heater', array_column(SamplePlans::fellside()->line->parts, 'name'), true);

        return \sprintf(
            '{"op":"add","path":"/line/parts/%1$d/x_m","value":%2$F},{"op":"add","path":"/line/parts/%1$d/y_m","value":%3$F}',
            (int) $index,
            $xM,
            $yM,
        );
    }

    private static function fellside(string ...$patches): Plan
    {
        return Plan::read(SamplePlans::patched(SamplePlans::fellside(), '['.implode(',', $patches).']'));
    }

    /** @return list<LineWeight> */
    private static function weights(Plan $plan): array
    {
        return Workings::over($plan)->of(LineWeights::class)->weights;
    }

    private static function weight(Plan $plan, string $name): LineWeight
    {
        return array_values(array_filter(self::weights($plan), static fn (LineWeight $one): bool => $one->name === $name))[0]
            ?? self::fail('Nothing is called '.$name.'.');
    }

    private static function kg(Plan $plan, RigState $state, LimitName $name): float
    {
        $payload = Workings::over($plan)->of(LoadWorkings::class)->payloadIn($state);
        foreach ($payload->limits() as $limit) {
            if ($name === $limit->name) {
                return $limit->kgAt(1.0);
            }
        }

        return self::fail('There is no limit '.$name->value.'.');
    }
}
