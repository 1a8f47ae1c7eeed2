<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedShape;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Braking;
use YardCask\Core\Tests\SamplePlans;

/** What braking does to the water in a tank and to what holds the tank. */
final class BrakingTest extends TestCase
{
    public function testTheSurfaceKeepsItsVolumeAndTheRestraintHoldsTheWholeWeight(): void
    {
        $braked = $boats = 0;
        for ($seed = 1; $seed <= 60; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $assessment = self::sent(Assessor::assess($plan, '-'));
            foreach ($assessment->stages->tanks->drawing->tanks as $index => $section) {
                if (!isset($section->braking)) {
                    self::assertSame('boat', $plan->load->rig->kind()->value);
                    ++$boats;
                    continue;
                }
                ++$braked;
                $tank = $plan->tanks[$index];
                self::assertSame(PlannedShape::Box === $tank->shape, isset($section->braking->front_mm));
                if (isset($section->braking->front_mm)) {
                    self::assertEqualsWithDelta(Braking::FORWARD_G * $tank->lengthMm, $section->braking->front_mm - $section->braking->rear_mm, 1e-6);
                    $sum = 0.0;
                    for ($strip = 0; $strip < 1000; ++$strip) {
                        $sum += min($tank->heightMm, max(0.0, $section->braking->front_mm - Braking::FORWARD_G * $tank->lengthMm * ($strip + 0.5) / 1000));
                    }
                    self::assertEqualsWithDelta($section->travel_level_mm, $sum / 1000, $tank->heightMm / 500, "seed {$seed} {$tank->name}");
                }
                $figures = $assessment->figures;
                self::assertEqualsWithDelta(0.8 * $figures->{"tanks.{$tank->id}.full_kg"}->value, $figures->{"tanks.{$tank->id}.pull_forward"}->value, 1e-9);
                self::assertEqualsWithDelta(0.5 * $figures->{"tanks.{$tank->id}.full_kg"}->value, $figures->{"tanks.{$tank->id}.pull_side"}->value, 1e-9);
                self::assertEqualsWithDelta(1.0 * $figures->{"tanks.{$tank->id}.full_kg"}->value, $figures->{"tanks.{$tank->id}.pull_up"}->value, 1e-9);
            }
        }
        self::assertGreaterThan(10, $boats);
        self::assertGreaterThan(50, $braked);
    }

    private static function sent(Assessment $assessment): mixed
    {
        return Json::decode(Json::encode($assessment));
    }

    /** Four straps at 60°: what they hold along is half of what each pulls, and √3/2 of it down. */
    public function testEachStrapPullsMoreTheSteeperItIs(): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"add","path":"/tanks/0/straps","value":4},{"op":"add","path":"/tanks/0/strap_angle_deg","value":60},{"op":"add","path":"/tanks/0/baffle_cells","value":3}]'));
        $figures = self::sent(Assessor::assess($plan, '-'))->figures;
        self::assertEqualsWithDelta($figures->{'tanks.tail.pull_forward'}->value / 2, $figures->{'tanks.tail.strap_forward'}->value, 1e-9);
        self::assertEqualsWithDelta($figures->{'tanks.tail.pull_side'}->value / 2, $figures->{'tanks.tail.strap_side'}->value, 1e-9);
        self::assertEqualsWithDelta($figures->{'tanks.tail.pull_up'}->value / (2 * sqrt(3)), $figures->{'tanks.tail.strap_up'}->value, 1e-9);
        // A cell of a third of the length sloshes √3 times as fast where it is deep for its length.
        $free = self::sent(Assessor::assess(SamplePlans::fellside(), '-'))->figures->{'tanks.tail.slosh'}->value;
        self::assertGreaterThan(sqrt(3) * $figures->{'tanks.tail.slosh'}->value, $free);
    }
}
