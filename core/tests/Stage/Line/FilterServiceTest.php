<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\SystemType;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Line\FilterService;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Tests\SamplePlans;

/** A filter is worn by what goes through it: on the way in, on the way out, or both. */
final class FilterServiceTest extends TestCase
{
    private static function of(Plan $plan): FilterService
    {
        $workings = Workings::over($plan);

        return FilterService::of($workings->of(LineWorkings::class)->graph->parts(PartKind::Filter)[0], $workings) ?? throw new \LogicException('No filter.');
    }

    private static function dailyL(Plan $plan): float
    {
        return Workings::over($plan)->of(UseWorkings::class)->need(Supply::Main)->dailyL;
    }

    public function testWhereAllWaterPassesItOnceItIsTheDaysNeed(): void
    {
        $filled = SampleLines::of(SystemType::FilteredFill)->plan;
        self::assertSame('filled', self::of($filled)->passes());
        self::assertEqualsWithDelta(self::dailyL($filled), self::of($filled)->litresADay(), 1e-9);
        $used = SampleLines::of(SystemType::PressureAccumulator)->after('header.header-outlet', 'filter-carbon-10')->plan;
        self::assertSame('used', self::of($used)->passes());
        self::assertEqualsWithDelta(self::dailyL($used), self::of($used)->litresADay(), 1e-9);
    }

    public function testWhereTheFillAndTheTapsShareItItIsTwiceThat(): void
    {
        // A three-way valve lets the pump fill the tank or supply the taps, both through the filter.
        $valves = SampleLines::of(SystemType::TwoValves)->without('Sediment filter');
        $both = $valves->into('Pressure pump', 'out', 'filter-carbon-10')->plan;
        self::assertSame('both', self::of($both)->passes());
        self::assertEqualsWithDelta(2 * self::dailyL($both), self::of($both)->litresADay(), 1e-9);
    }

    public function testAUseThatNamesAnOutletBeforeTheFilterDoesNotWearIt(): void
    {
        $plan = SampleLines::of(SystemType::PressureAccumulator)->into('Galley tap', 'in', 'filter-carbon-10')->plan;
        $outlets = array_column($plan->line->outlets(), 'id', 'name');
        $main = array_filter($plan->use->uses, static fn ($use): bool => Supply::Main === $use->supply);
        $patch = PlanPatch::none();
        foreach (array_keys($main) as $index) {
            $patch = $patch->and(PlanPatch::add('/use/uses/'.$index.'/outlet', $outlets['Basin tap']));
        }
        self::assertEqualsWithDelta(self::dailyL($plan), self::of($plan)->litresADay(), 1e-9);
        self::assertSame(0.0, self::of($patch->applyTo($plan))->litresADay());
        self::assertSame('none', self::of($patch->applyTo($plan))->passes());
    }

    public function testItLastsItsLitresOrItsMonthsWhicheverComesFirst(): void
    {
        $plan = SamplePlans::fellside();
        $service = self::of($plan);
        self::assertEqualsWithDelta(3000 / $service->litresADay(), $service->days(), 1e-9);
        self::assertLessThan(6 * 30.4, $service->days());
        $at = '/line/parts/'.array_search('filter-1', array_column($plan->line->parts, 'id'), true).'/figures/life_months';
        self::assertEqualsWithDelta(30.4, self::of(PlanPatch::replace($at, 1)->applyTo($plan))->days(), 1e-9);
    }
}
