<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

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
        self::assertSame(['Empty Waste tank and fill up every 2 days'], $labels);
        unset($document->tanks[2]->stock);
        self::assertNotSame([], (array) preg_grep('/^Make Waste tank /', self::labels(Plan::read($document), 'tanks.waste-small')));
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
