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
use YardCask\Core\Stage\Line\Drawing\OutletExtremes;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Tests\SamplePlans;

/** What an outlet gives at its worst and at its best. */
final class OutletExtremesTest extends TestCase
{
    /** @return iterable<string, array{Plan}> */
    public static function plans(): iterable
    {
        foreach (SamplePlans::demos() as $name => $plan) {
            yield $name => [$plan];
        }
        foreach ([SystemType::CanSwitched, SystemType::Gravity, SystemType::Exchanger] as $system) {
            yield $system->value => [SampleLines::of($system)->plan];
        }
    }

    #[DataProvider('plans')]
    public function testItsBestIsLessThanWhatItUsuallyGivesOnlyWhereThePumpStartsAndStopsAsItSays(Plan $plan): void
    {
        $line = Workings::over($plan)->of(LineWorkings::class);
        $extremes = array_column(OutletExtremes::all($plan), 'words', 'outlet');
        self::assertSame(array_column($line->graph->outlets, 'id'), array_keys($extremes));
        self::assertNotSame([], $extremes);
        foreach ($line->graph->outlets as $outlet) {
            self::assertSame(
                1,
                preg_match(
                    '/^([\d.]+)\x{00A0}L\/min with a low battery, old filters and the tank nearly empty( \(the pump starts and stops\)|); ([\d.]+)\x{00A0}L\/min while the battery is charging( \(the pump starts and stops\)|)$/u',
                    $extremes[$outlet->id],
                    $found,
                ),
                $extremes[$outlet->id],
            );
            [, $least, $leastCycles, $most, $mostCycles] = $found;
            $usual = $line->alone($outlet);
            $usualCycles = \in_array(true, array_column($usual->pumps, 'cycles'), true);
            $lpm = $usual->outlets[$outlet->id]->lpm;
            if ('' === $mostCycles || $usualCycles) {
                self::assertGreaterThanOrEqual($lpm - 0.051, (float) $most, $outlet->name);
            }
            if (!$usualCycles || '' !== $leastCycles) {
                self::assertLessThanOrEqual($lpm + 0.051, (float) $least, $outlet->name);
            }
        }
    }

    public function testABatteryThatIsLowIsFeltWhereAPumpGivesTheWater(): void
    {
        self::assertMatchesRegularExpression(
            '/^(?!0\x{00A0})([\d.]+)\x{00A0}L.*; (?!\1\x{00A0})/u',
            OutletExtremes::all(SampleLines::of(SystemType::CanSwitched)->plan)[0]->words,
        );
        self::assertSame([], OutletExtremes::all(PartFields::changed(SamplePlans::fellside(), ['line' => LinePlan::none()])));
    }
}
