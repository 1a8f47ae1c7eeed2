<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;
use YardCask\Core\Tests\Stage\Line\SampleLines;

/** Whatever is said of a plan is said in its units. */
final class UnitsTest extends TestCase
{
    /** A nominal bore is part of a name, and what a tap is rated by keeps its own unit. */
    private const RATED = ['100 kPa'];

    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (SamplePlans::all() as $name => $plan) {
            yield $name => [$plan];
        }
    }

    #[DataProvider('plans')]
    public function testNothingMetricIsSaidWhereNothingMetricIsWanted(Plan $plan): void
    {
        $plan = PartFields::changed($plan, ['units' => new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit)]);
        $said = [Assessor::assess($plan, null, SampleLines::stock()), [] === $plan->line->parts ? null : Assessor::sizes($plan, SampleLines::stock())];
        $texts = self::texts(Json::decode(Json::encode($said)));
        self::assertGreaterThan(200, \count($texts));
        $named = [...array_column(SampleLines::stock()->parts(), 'name'), ...array_column(SampleLines::stock()->pipes(), 'name')];
        $sold = array_column(SampleLines::stock()->fittings(), 'name');
        $named = [...array_values((array) preg_grep('/ \d+ mm$/', $named)), ...$sold, ...self::RATED];
        usort($named, static fn (string $a, string $b): int => \strlen($b) <=> \strlen($a));
        $metric = preg_grep('/\d\s*(mm|cm|m|kPa|bar|L|mL|kg|°C|L\/min|m\/s)\b/u', str_replace($named, '', str_replace("\u{00A0}", ' ', $texts)));
        self::assertSame([], array_values(false === $metric ? ['not searched'] : $metric));
    }

    /** @return list<string> everything that is shown of it, but for how sums are worked out */
    private static function texts(mixed $said, string $key = ''): array
    {
        if (\is_string($said)) {
            // A sum says in which units it is worked out.
            return \in_array($key, ['formula', 'unit', 'units'], true) ? [] : ['svg' === $key ? strip_tags($said) : $said];
        }
        if (!\is_array($said) && !$said instanceof \stdClass) {
            return [];
        }
        $texts = [];
        foreach ((array) $said as $name => $one) {
            array_push($texts, ...self::texts($one, (string) $name));
        }

        return $texts;
    }
}
