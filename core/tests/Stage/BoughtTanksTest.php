<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Stage\Tanks\Shared\OtherTanks;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Stock\StockPlaces;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** What is bought is never stretched. */
final class BoughtTanksTest extends TestCase
{
    public function testNoFixChangesTheSizeOfABoughtTankOrOfACan(): void
    {
        $tried = 0;
        for ($seed = 300; $seed < 340; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $bought = PartFields::changed($plan, [
                'tanks' => array_map(static fn (PlannedTank $tank): PlannedTank => PartFields::changed($tank, ['stock' => 'tank-'.$tank->id]), $plan->tanks),
            ]);
            foreach (Assessor::assess($bought)->findings as $finding) {
                foreach ($finding->fixes as $fix) {
                    $sizes = self::sizes($fix->patch->applyTo($bought));
                    foreach (self::sizes($bought) as $id => $size) {
                        self::assertContains($sizes[$id] ?? null, [$size, null], "seed {$seed}: {$fix->label}");
                    }
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(100, $tried);
    }

    public function testAWasteTankThatIsBoughtIsEmptiedSooner(): void
    {
        $document = SamplePlans::fellside()->document();
        [$document->tanks[2]->length_mm, $document->tanks[2]->stock] = [500, 'waste-60'];
        $labels = self::labels(Plan::read($document), 'tanks.waste-small');
        self::assertSame(['Empty Waste tank every 2 days'], $labels);
        unset($document->tanks[2]->stock);
        self::assertNotSame([], (array) preg_grep('/^Make Waste tank /', self::labels(Plan::read($document), 'tanks.waste-small')));
    }

    public function testABoughtTankThatIsTooSmallIsReplacedByAnotherOrHasOneMoreBesideIt(): void
    {
        $van = SampleLines::of(SystemType::Pressure, 'van')->plan;
        $stock = array_column(SampleLines::stock()->tanks(), null, 'id');
        $bay = $van->bayOf($van->tanks[0]) ?? self::fail('It is in a bay.');
        $small = (new StockPlaces($van, $van->tanks[0]->id))->alone($stock['flounder-1'], $bay) ?? self::fail('It fits.');
        $plan = PartFields::changed($van, ['tanks' => [$small, ...\array_slice($van->tanks, 1)]]);
        $offered = array_column(Assessor::fixes($plan, 'use', SampleLines::stock()), 'fixes', 'key');
        $labels = str_replace("\u{00A0}", ' ', array_column(array_merge(...array_values($offered)), 'label'));
        $others = (array) preg_grep('/^Replace '.preg_quote($small->name, '/').' with /', $labels);
        self::assertNotSame([], $others, implode(', ', $labels));
        foreach (array_merge(...array_values($offered)) as $fix) {
            $after = $fix->patch->applyTo($plan);
            if (str_starts_with($fix->label, 'Replace')) {
                self::assertContains([$after->tanks[0]->lengthMm, $after->tanks[0]->widthMm, $after->tanks[0]->heightMm], self::inAnyTurn($stock));
                self::assertSame([$small->id, $small->bay, \count($small->outlets())], [$after->tanks[0]->id, $after->tanks[0]->bay, \count($after->tanks[0]->outlets())]);
                self::assertEquals($plan->line, $after->line);
            }
        }
        $more = OtherTanks::oneMore(Workings::over($plan, SampleLines::stock())->of(TanksWorkings::class)->all()[0], Workings::over($plan, SampleLines::stock()));
        $with = $more?->patch->applyTo($plan) ?? self::fail('There is room for one more.');
        $twin = $with->tanks[\count($plan->tanks)];
        self::assertSame([$small->stock, $small->heightMm, 1], [$twin->stock, $twin->heightMm, \count($twin->outlets())]);
        self::assertTrue(Workings::over($with, SampleLines::stock())->of(TapReach::class)->isDrawn($twin));
    }

    public function testAWasteTankThatIsBoughtIsReplacedByALargerOne(): void
    {
        $document = SamplePlans::fellside()->document();
        [$document->tanks[2]->length_mm, $document->tanks[2]->stock, $document->use->days] = [200, 'waste-60', 1];
        $labels = array_column(array_column(Assessor::fixes(Plan::read($document), 'tanks', SampleLines::stock()), 'fixes', 'key')['tanks.waste-small waste'] ?? [], 'label');
        self::assertNotSame([], preg_grep('/^Replace Waste tank with /', $labels), implode(', ', $labels));
    }

    public function testOneMoreLikeTheCansThatAreThere(): void
    {
        $plan = SamplePlans::fellside();
        $workings = Workings::over($plan);
        $cans = $workings->of(TanksWorkings::class)->all()[1];
        $after = OtherTanks::moreAlike($cans, 1, $workings)?->patch->applyTo($plan) ?? self::fail('There is room.');
        self::assertSame([$cans->tank->count + 1, $cans->tank->bay], [$after->tanks[1]->count, $after->tanks[1]->bay]);
        self::assertTrue(FreePlace::isFree($after->tanks[1], Obstacles::to($after->tanks[1], $after)));
        self::assertNull(OtherTanks::moreAlike($cans, PlannedTank::MOST_ALIKE, $workings));
        self::assertNull(OtherTanks::moreAlike($workings->of(TanksWorkings::class)->all()[0], 1, $workings));
    }

    /**
     * @param array<string, StockTank> $stock
     *
     * @return list<list<float>>
     */
    private static function inAnyTurn(array $stock): array
    {
        $sizes = [];
        foreach ($stock as $one) {
            array_push($sizes, [$one->lengthMm, $one->widthMm, $one->heightMm], [$one->widthMm, $one->lengthMm, $one->heightMm]);
        }

        return $sizes;
    }

    /** @return array<string, list<float>> sorted sizes of each tank, since turning it is allowed, by its id */
    private static function sizes(Plan $plan): array
    {
        $sizes = [];
        foreach ($plan->tanks as $tank) {
            $size = [$tank->lengthMm, $tank->widthMm, $tank->heightMm];
            sort($size);
            $sizes[$tank->id] = $size;
        }

        return $sizes;
    }

    /** @return list<string> */
    private static function labels(Plan $plan, string $code): array
    {
        foreach (Assessor::assess($plan)->findings as $finding) {
            if ($code === $finding->code) {
                return str_replace("\u{00A0}", ' ', array_column($finding->fixes, 'label'));
            }
        }

        return self::fail($code.' is not found.');
    }
}
