<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Use\Shared\UseWorkings;
use YardCask\Core\Tests\SamplePlans;

/** A use that names its outlet runs at the outlet’s flow, in every number that depends on it. */
final class OutletFlowsTest extends TestCase
{
    /** Three minutes for each of two people every other day of three. */
    private const SHOWER_MINUTES = 9.0;

    private static function named(string $outlet, mixed ...$more): Plan
    {
        $patch = PlanPatch::add('/use/uses/4/outlet', $outlet);
        foreach ($more as $key => $value) {
            $patch = $patch->and(PlanPatch::add('/use/uses/4/'.$key, $value));
        }

        return $patch->applyTo(SamplePlans::fellside());
    }

    private static function showerL(Plan $plan): float
    {
        return Workings::over($plan)->of(UseWorkings::class)->demand()->uses[4]->stayL;
    }

    private static function lpm(Plan $plan): float
    {
        return Workings::over($plan)->of(LineWorkings::class)->alone($plan->line->outlets()[0])->outlets['shower-1']->lpm;
    }

    public function testItsLitresAreTheOutletsFlowTimesItsMinutes(): void
    {
        $plan = self::named('shower-1');
        self::assertEqualsWithDelta(self::SHOWER_MINUTES * self::lpm($plan), self::showerL($plan), 1e-9);
        self::assertNotEqualsWithDelta(self::showerL(SamplePlans::fellside()), self::showerL($plan), 10.0);
    }

    public function testTheTypedFlowCountsWhereItIsSaidToOrTheOutletGivesNothing(): void
    {
        $typedL = self::SHOWER_MINUTES * 4.5;
        self::assertEqualsWithDelta($typedL, self::showerL(self::named('shower-1', own_flow: true)), 1e-9);
        self::assertEqualsWithDelta($typedL, self::showerL(self::named('gone')), 1e-9);
        $dry = PlanPatch::replace('/line/pipes', [])->applyTo(self::named('shower-1'));
        self::assertEqualsWithDelta($typedL, self::showerL($dry), 1e-9);
    }

    public function testItsSumLeadsToTheOutletsFigure(): void
    {
        $inputs = static fn (Plan $plan): array => array_column(Assessor::sums($plan)['uses.shower.stay']->inputs, 'figure');
        self::assertContains('line.shower-1.flow', $inputs(self::named('shower-1')));
        self::assertNotContains('line.shower-1.flow', $inputs(self::named('shower-1', own_flow: true)));
    }

    public function testAWeakerPumpChangesTheNeedAndTheWeightsInAPlanThatIsWorkedOutFromAnother(): void
    {
        $plan = self::named('shower-1');
        $at = (string) array_search('shower-1', array_column($plan->line->parts, 'id'), true);
        $weaker = PlanPatch::replace('/line/parts/'.$at.'/figures/open_lpm', 3.0)->applyTo($plan);
        $before = Workings::over($plan);
        $before->of(LoadWorkings::class);
        $after = $before->with($weaker);
        self::assertEqualsWithDelta(self::SHOWER_MINUTES * self::lpm($weaker), $after->of(UseWorkings::class)->demand()->uses[4]->stayL, 1e-9);
        self::assertLessThan($before->of(UseWorkings::class)->need(Supply::Main)->stayL, $after->of(UseWorkings::class)->need(Supply::Main)->stayL);
        self::assertNotSame($before->of(LoadWorkings::class), $after->of(LoadWorkings::class));
    }
}
