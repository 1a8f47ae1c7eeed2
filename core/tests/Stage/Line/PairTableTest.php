<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\LinePlan;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\Drawing\PairRow;
use YardCask\Core\Stage\Line\Drawing\PairTable;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Tests\SamplePlans;

/** Every two outlets at the same time. */
final class PairTableTest extends TestCase
{
    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (SamplePlans::demos() as $name => $plan) {
            yield $name => [$plan];
        }
        foreach ([SystemType::Pressure, SystemType::Gravity, SystemType::Exchanger, SystemType::TwoCircuits] as $system) {
            yield $system->value => [SampleLines::of($system)->plan];
        }
    }

    #[DataProvider('plans')]
    public function testEachRunsAloneWhereItMeetsItselfAndWithAnotherGivesNoMore(Plan $plan): void
    {
        $workings = Workings::over($plan);
        $line = $workings->of(LineWorkings::class);
        $rows = PairTable::of($plan)->rows;
        self::assertSame(\count($line->graph->outlets) < 2 ? [] : array_column($line->graph->outlets, 'name'), array_column($rows, 'name'));
        foreach ($line->graph->outlets as $place => $outlet) {
            $alone = $line->alone($outlet)->outlets[$outlet->id];
            foreach ($line->graph->outlets as $other => $second) {
                $cell = $rows[$place]->with[$other] ?? null;
                if (null === $cell) {
                    self::assertSame([], $rows);
                    continue;
                }
                $both = $line->solve(new LineCase(array_values(array_intersect($line->all(), [$outlet->id, $second->id]))))->outlets[$outlet->id];
                self::assertSame($workings->wording->flow($both->lpm), $cell->flow);
                self::assertSame($both->isEnough(), $cell->enough);
                self::assertLessThanOrEqual($alone->lpm + 1e-6, $both->lpm, "$outlet->name with $second->name");
                if ($place === $other) {
                    self::assertSame($alone->lpm, $both->lpm);
                }
            }
        }
    }

    public function testALineWithoutTwoOutletsHasNoPairs(): void
    {
        self::assertSame([], PairTable::of(PartFields::changed(SamplePlans::fellside(), ['line' => LinePlan::none()]))->rows);
        self::assertSame([], PairTable::of(SampleLines::of(SystemType::CanSwitched)->plan)->rows);
        self::assertSame(
            [2, 2],
            array_map(static fn (PairRow $row): int => \count($row->with), PairTable::of(SampleLines::of(SystemType::Pressure)->plan)->rows),
        );
    }
}
