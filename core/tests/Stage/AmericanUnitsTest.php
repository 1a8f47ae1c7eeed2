<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\Drawing\OutletExtremes;
use YardCask\Core\Stage\Line\Drawing\PairTable;
use YardCask\Core\Stage\Tanks\Stock\StockSearch;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** A plan in gallons, inches and pounds says nothing in litres, millimetres or kilograms, wherever it speaks. */
final class AmericanUnitsTest extends TestCase
{
    private const METRIC = '/\d[\s\x{a0}](L|mL|mm|cm|m|km|kg|kPa|bar|°C|L\/min|m\/s)(?![a-z²])/u';
    /** What is pressed into the plan, what stands in its fields, and where a formula comes from. */
    private const NOT_SAID = ['patch', 'readings', 'fields', 'source', 'formula', 'inputs'];
    /** Sizes by which something is sold. */
    private const TRADE = '/Copper pipe, \d+ mm/u';

    public function testNothingIsSaidInMetricUnits(): void
    {
        $stock = SampleLines::stock();
        $sold = [...array_column($stock->fittings(), 'name'), ...array_column($stock->parts(), 'name'), ...array_column($stock->pipes(), 'name')];
        $said = 0;
        foreach (SamplePlans::demos() as $name => $metric) {
            $plan = self::american($metric);
            foreach ([
                Assessor::assess($plan, null, $stock),
                Assessor::sizes($plan, $stock),
                StockSearch::over($plan, $stock->tanks(), null, $stock),
                PairTable::of($plan),
                OutletExtremes::all($plan),
            ] as $sent) {
                foreach (self::texts(json_decode(Json::encode($sent), true)) as $text) {
                    ++$said;
                    $spoken = str_replace($sold, '', (string) preg_replace(self::TRADE, '', $text));
                    self::assertDoesNotMatchRegularExpression(self::METRIC, $spoken, $name);
                }
            }
        }
        self::assertGreaterThan(5000, $said);
    }

    public function testAWireHasTheGaugeThatIsSoldThere(): void
    {
        $names = [];
        foreach (Assessor::sizes(self::american(SamplePlans::demos()['prompt-side']), SampleLines::stock())->tables as $table) {
            $names = str_starts_with($table->id, 'wire-') ? array_column($table->rows, 'name') : $names;
        }
        self::assertContains('4 mm² (10 AWG)', $names);
    }

    private static function american(Plan $plan): Plan
    {
        return PartFields::changed($plan, [
            'units' => new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit),
        ]);
    }

    /** @return iterable<string> */
    private static function texts(mixed $node): iterable
    {
        if (\is_string($node)) {
            yield $node;
        }
        foreach (\is_array($node) ? $node : [] as $key => $value) {
            if (!\in_array($key, self::NOT_SAID, true)) {
                yield from self::texts($value);
            }
        }
    }
}
