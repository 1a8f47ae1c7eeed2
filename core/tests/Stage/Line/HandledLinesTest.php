<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\LineElement;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Schematic;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Tests\Stage\FixEffect;

/** Whatever somebody has done to a line, what is said of it holds. */
final class HandledLinesTest extends TestCase
{
    private const SEEDS = 80;

    /** @return iterable<string, array{Plan}> */
    public static function handled(): iterable
    {
        for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
            $plan = HandledLines::seeded($seed);
            if (null !== $plan) {
                yield 'seed '.$seed => [$plan];
            }
        }
    }

    #[DataProvider('handled')]
    public function testEveryFixClearsWhatItIsForAndSaysWhatElseItDoes(Plan $plan): void
    {
        $before = Assessor::assess($plan, 'line', SampleLines::stock());
        self::assertNotSame([], $before->glass);
        self::assertNotNull(Assessor::drawn($plan, 'line', SampleLines::stock()));
        foreach (SampleLines::fixes($plan) as $key => $fixes) {
            self::assertContains($key, array_column($before->findings, 'key'));
            foreach ($fixes as $fix) {
                self::assertSame([], (new FixEffect($fix, $key, $plan, SampleLines::stock()))->complaints());
            }
        }
    }

    #[DataProvider('handled')]
    public function testNoWaterIsMadeOrLost(Plan $plan): void
    {
        $line = Workings::over($plan)->of(LineWorkings::class);
        foreach ([$line->all(), ...array_map(static fn (string $id): array => [$id], $line->all())] as $open) {
            $solved = $line->solve(new LineCase($open));
            self::assertTrue($solved->line->converged);
            $out = array_sum(array_map(static fn (SolvedOutlet $one): float => $one->lpm, $solved->outlets));
            self::assertEqualsWithDelta(SampleLines::drawnLpm($solved, $line->graph), $out, 1e-6);
        }
    }

    #[DataProvider('handled')]
    public function testNothingIsDrawnOnAnother(Plan $plan): void
    {
        $schematic = Schematic::of(Workings::over($plan)->of(LineWorkings::class)->graph);
        $places = array_map(static fn (string $id): string => $schematic->columns[$id].'/'.$schematic->rows[$id], array_keys($schematic->columns));
        self::assertSame($places, array_values(array_unique($places)));
    }

    /** @return iterable<string, array{SystemType, array<string, string>}> what joins what, in place of every other pipe */
    public static function rings(): iterable
    {
        yield 'a pump that feeds itself' => [SystemType::Pressure, ['pressure-pump-1.out' => 'pressure-pump-1.in']];
        yield 'a pump that feeds itself behind a tank' => [
            SystemType::Pressure,
            ['header.header-outlet' => 'tee-1.a', 'tee-1.b' => 'pressure-pump-1.in', 'pressure-pump-1.out' => 'tee-1.c'],
        ];
        yield 'a tee that leads into itself' => [SystemType::Pressure, ['header.header-outlet' => 'tee-1.a', 'tee-1.b' => 'tee-1.c']];
        yield 'a heater behind itself' => [SystemType::StorageHeater, ['storage-heater-1.out' => 'storage-heater-1.in']];
        yield 'a vessel and a heater in a ring' => [
            SystemType::StorageHeater,
            ['storage-heater-1.out' => 'accumulator-1.in', 'accumulator-1.out' => 'storage-heater-1.in'],
        ];
    }

    /** @param array<string, string> $joints */
    #[DataProvider('rings')]
    public function testARingIsAssessedLikeAnyLine(SystemType $system, array $joints): void
    {
        // No switch ends what the pump brings.
        $plan = SampleLines::of($system)->figures('Pressure pump', ['cutInKpa' => null, 'cutOutKpa' => null])->plan;
        $pipe = $plan->line->pipes[0];
        $pipes = [];
        foreach ($joints as $from => $to) {
            $pipes[] = PartFields::changed($pipe, ['id' => 'ring-'.\count($pipes), 'from' => $from, 'to' => $to]);
        }
        $ring = PartFields::changed($plan, ['line' => PartFields::changed($plan->line, ['pipes' => $pipes])]);
        $assessment = Assessor::assess($ring, 'line', SampleLines::stock());
        self::assertCount(
            \count($ring->line->parts),
            array_filter(
                Assessor::drawn($ring, 'line', SampleLines::stock())->drawing->elements,
                static fn (LineElement $one): bool => null !== $one->pointer,
            ),
        );
        self::assertNotContains('line.pipe-lost', array_column($assessment->findings, 'code'), 'Every port of it is there.');
        foreach (Workings::over($ring)->of(LineWorkings::class)->highest()->pipes as $peak) {
            self::assertLessThan(10_000.0, $peak->kpa(), 'No pressure rises without end.');
        }
        foreach (Workings::over($ring)->of(LineWorkings::class)->graph->outlets as $outlet) {
            self::assertSame(
                0.0,
                Workings::over($ring)->of(LineWorkings::class)->alone($outlet)->outlets[$outlet->id]->lpm ?? 0.0,
                'No water comes to '.$outlet->name.'.',
            );
        }
    }
}
