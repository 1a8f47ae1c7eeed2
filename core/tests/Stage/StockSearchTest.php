<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Catalogue\TankStock;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Stock\StockPairs;
use YardCask\Core\Stage\Tanks\Stock\StockRow;
use YardCask\Core\Stage\Tanks\Stock\StockSearch;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** What is said of a tank that can be had holds once it is put in. */
final class StockSearchTest extends TestCase
{
    public function testTheCatalogueHasTanksOfEveryShape(): void
    {
        $stock = self::stock();
        self::assertGreaterThanOrEqual(40, \count($stock));
        self::assertEqualsCanonicalizing(
            array_column(PlannedShape::cases(), 'value'),
            array_values(array_unique(array_map(static fn (StockTank $tank): string => $tank->shape->value, $stock))),
        );
    }

    public function testWhatFitsIsAsItSaysOnceItIsPutIn(): void
    {
        foreach ([['fellside', 'tail'], ['prompt-side', null], ['petrel', 'settee'], ['bothy', 'nobody']] as [$name, $replaced]) {
            $plan = SamplePlans::demos()[$name];
            foreach ([StockSearch::over(...), StockPairs::over(...)] as $search) {
                $offer = $search($plan, self::stock(), $replaced, SampleLines::stock());
                $fitting = array_values(array_filter($offer->rows, static fn (StockRow $row): bool => $row->fits()));
                self::assertNotSame([], $fitting, $name);
                foreach (\array_slice($fitting, 0, 12) as $row) {
                    self::assertHolds($row, $plan);
                }
            }
        }
    }

    public function testThoseMarkedAreTheOnesThatNoOtherBeats(): void
    {
        $offer = StockPairs::over(SamplePlans::demos()['prompt-side'], self::stock(), 'left', SampleLines::stock());
        foreach ($offer->rows as $row) {
            $beaten = [] !== array_filter($offer->rows, static fn (StockRow $other): bool => $other->beats($row));
            self::assertSame(!$beaten, \in_array($row->id, $offer->best, true), $row->name);
        }
    }

    public function testWhatFitsNowhereSaysWhatIsMissing(): void
    {
        $rows = array_filter(StockSearch::over(SamplePlans::fellside(), self::stock(), 'tail', SampleLines::stock())->rows, static fn (StockRow $row): bool => !$row->fits());
        self::assertGreaterThan(10, \count($rows));
        self::assertStringContainsString(
            '40 mm too big for the opening of Tail locker',
            str_replace("\u{A0}", ' ', implode("\n", array_column($rows, 'where'))),
        );
    }

    /** @return list<StockTank> */
    private static function stock(): array
    {
        return TankStock::fromJson((string) file_get_contents(__DIR__.'/../../../catalogue/tanks.json'));
    }

    private static function assertHolds(StockRow $row, Plan $plan): void
    {
        $with = $row->patch?->applyTo($plan) ?? self::fail('It has no patch.');
        $workings = Workings::over($with);
        self::assertEqualsWithDelta($row->usableL, $workings->of(TanksWorkings::class)->usableL(WaterKind::Fresh), 1e-6, $row->name);
        self::assertEqualsWithDelta(
            $row->spareKg,
            min(array_map(static fn (LimitWorking $limit): float => $limit->fromBrimFull->kg, $workings->of(LoadWorkings::class)->limits())),
            1e-6,
            $row->name,
        );
        $impossible = array_filter(
            array_column(Assessor::assess($with, '-')->findings, 'code'),
            static fn (string $code): bool => \in_array(
                $code,
                ['tanks.out-of-bay', 'tanks.obstructed', 'tanks.opening-small', 'tanks.collide'],
                true,
            ),
        );
        self::assertSame([], $impossible, $row->name.', '.$row->where);
    }
}
