<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Catalogue\PartsCsv;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\School;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Sizing\Fuse;
use YardCask\Core\Stage\Line\Sizing\LineSizing;
use YardCask\Core\Stage\Line\Sizing\SizingRow;
use YardCask\Core\Stage\Line\Sizing\SizingTable;
use YardCask\Core\Tests\SamplePlans;

/** What size would do, what gravity gives, and the catalogue that both draw from. */
final class LineSizingTest extends TestCase
{
    /** @return array<string, SizingTable> */
    private static function tables(Plan $plan): array
    {
        return array_column(LineSizing::over($plan, SampleLines::stock())->tables, null, 'id');
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

    /** 10.5 A over 3.5 m at 12 V: 0.0178 · 7 · 10.5 / 0.36 = 3.6 mm², so 4 mm², and a fuse above 13.1 A. */
    public function testWireAndFuse(): void
    {
        $table = self::tables(SamplePlans::demos()['prompt-side'])['wire-pressure-pump-1'];
        $best = array_values(array_filter($table->rows, static fn (SizingRow $row): bool => $row->smallest))[0];
        self::assertSame(['4 mm²', '0.33 V', '15 A'], [$best->name, $best->cells[0], $best->cells[2]]);
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
        self::assertSame([], array_values(array_diff(array_column(PartKind::cases(), 'value'), array_map(static fn ($part): string => $part->kind->value, $parts))));
        self::assertEqualsCanonicalizing(
            array_map(static fn ($part): array => [$part->name, $part->kind, $part->make, $part->figures], $parts),
            array_map(static fn ($part): array => [$part->name, $part->kind, $part->make, $part->figures], PartsCsv::read(PartsCsv::write($parts))),
        );
    }

    /** Every change of a part that the core itself makes is a plan that can be read again. */
    public function testEverySizePutInIsAPlan(): void
    {
        $plan = SampleLines::of(School::StorageHeater)->plan;
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
