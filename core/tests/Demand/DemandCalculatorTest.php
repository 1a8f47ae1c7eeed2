<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Demand;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Demand\DemandCalculator;
use YardCask\Core\Demand\DemandInput;
use YardCask\Core\Demand\DemandUse;
use YardCask\Core\Demand\Each;
use YardCask\Core\Demand\Per;

final class DemandCalculatorTest extends TestCase
{
    use TestTrait;

    /** @return list<array{Each, Per, float, float, float}> for two people and five days, 3 L at a time, twice: a day, a stay, of it fixed */
    public static function uses(): array
    {
        return [
            [Each::Person, Per::Day, 12.0, 60.0, 0.0],
            [Each::Rig, Per::Day, 6.0, 30.0, 0.0],
            [Each::Person, Per::Stay, 2.4, 12.0, 12.0],
            [Each::Rig, Per::Stay, 1.2, 6.0, 6.0],
        ];
    }

    #[DataProvider('uses')]
    public function testCountsPeopleAndDaysOnlyWhereTheyCount(Each $each, Per $per, float $dailyL, float $stayL, float $fixedL): void
    {
        $demand = DemandCalculator::calculate(new DemandInput(2, 5, 0.1, [new DemandUse('a', 3, $each, 2, $per, 'main', 0.5)]));
        $main = $demand->supply('main');
        self::assertEqualsWithDelta(
            [$dailyL, $stayL, $fixedL, $stayL * 1.1, $stayL * 0.55, $stayL * 1.65],
            [$main->dailyL, $main->stayL, $main->fixedL, $main->carryL, $main->lowL, $main->highL],
            1e-9,
        );
    }

    public function testSuppliesAreKeptApartAndAnUnknownOneIsEmpty(): void
    {
        $demand = DemandCalculator::calculate(
            new DemandInput(1, 1, 0, [new DemandUse('a', 3, Each::Rig, 1, Per::Day), new DemandUse('b', 4, Each::Rig, 1, Per::Day, '7')]),
        );
        self::assertSame([3.0, 4.0, 0.0], [$demand->supply('main')->carryL, $demand->supply('7')->carryL, $demand->supply('none')->carryL]);
    }

    public function testTheNeedLiesWithinItsSpreadAndGrowsWithDaysPeopleAndReserve(): void
    {
        $some = Generators::choose(0, 50);
        $this->forAll(Generators::choose(1, 20), Generators::choose(1, 30), $some, $some, $some)->then(static function (int $crew, int $days, int $reserve, int $litres, int $spread): void {
            $need = static fn (float $crew, float $days, float $reserve) => DemandCalculator::calculate(new DemandInput($crew, $days, $reserve, [
                new DemandUse('a', $litres, Each::Person, 1, Per::Day, 'main', $spread / 50),
                new DemandUse('b', 5, Each::Rig, 2, Per::Stay),
            ]))->supply('main');
            $one = $need($crew, $days, $reserve / 100);
            self::assertLessThanOrEqual($one->carryL + 1e-9, $one->lowL);
            self::assertGreaterThanOrEqual($one->carryL - 1e-9, $one->highL);
            self::assertGreaterThanOrEqual($one->carryL, $need($crew, $days + 1, $reserve / 100)->carryL);
            self::assertGreaterThanOrEqual($one->carryL, $need($crew + 1, $days, $reserve / 100)->carryL);
            self::assertGreaterThan($one->carryL, $need($crew, $days, $reserve / 100 + 0.01)->carryL);
        });
    }
}
