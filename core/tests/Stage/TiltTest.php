<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Tanks\Movement\Tilt;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TiltedTank;
use YardCask\Core\Tests\SamplePlans;

/** What tilts the water in a tank, and what holds the tank. */
final class TiltTest extends TestCase
{
    public function testABusIsNoVanAndARigMaySayWhatItMeets(): void
    {
        $bus = SamplePlans::demos()['prompt-side']->load->rig;
        self::assertSame([0.6, -0.15, 0.15, -0.15], array_map(static fn (Tilt $tilt): float => $tilt->slope($bus), [
            Tilt::Braking, Tilt::PullingAway, Tilt::Downhill, Tilt::LeanRight,
        ]));
        $van = SamplePlans::fellside()->load->rig;
        self::assertSame([0.8, -0.3], [Tilt::Braking->slope($van), Tilt::PullingAway->slope($van)]);
        $said = Plan::read(SamplePlans::patched(
            SamplePlans::fellside(),
            '[{"op":"add","path":"/load/rig/pulls_g","value":0.1},{"op":"add","path":"/load/rig/hill","value":0.05}]',
        ))->load->rig;
        self::assertSame([0.8, -0.1, -0.05], [Tilt::Braking->slope($said), Tilt::PullingAway->slope($said), Tilt::Uphill->slope($said)]);
        self::assertSame(['0.1', '5'], [Tilt::PullingAway->measure($said), Tilt::Uphill->measure($said)]);
    }

    public function testTheScrewCapOfACanIsShutOnTheRoad(): void
    {
        $vent = '{"id":"cap-vent","name":"Cap","role":"vent","face":"top","along_mm":20,"up_mm":20,"bore_mm":30,"room_mm":60,"drilled":true}';
        $spills = static fn (string $form): array => array_filter(
            Assessor::assess(Plan::read(SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"replace","path":"/tanks/1/form","value":"'.$form.'"},{"op":"add","path":"/tanks/1/ports/-","value":'.$vent.'}]',
            )), '-')->findings,
            static fn (SentFinding $one): bool => 'tanks.open-end-spills' === $one->code && \in_array('cap-vent', $one->subject, true),
        );
        self::assertSame([0, 1], [\count($spills('can')), \count($spills('fixed'))]);
    }

    /** Each surface keeps its volume, at the slope of its tilt; counted in a thousand strips. */
    public function testTheSurfaceKeepsItsVolumeAndTheRestraintHoldsTheWholeWeight(): void
    {
        $tilted = $boats = 0;
        $told = [];
        for ($seed = 1; $seed <= 30; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $assessment = self::sent(Assessor::assess($plan, 'tanks'));
            foreach (self::sent(Assessor::drawn($plan, 'tanks'))->drawing->tanks as $index => $section) {
                $tank = $plan->tanks[$index];
                self::assertSame(
                    TankMounting::Bag !== $tank->form && $section->travel_level_mm > 0,
                    [] !== $section->detail->tilts,
                    "seed {$seed} {$tank->name}",
                );
                foreach ($section->detail->tilts as $tilt) {
                    ++$tilted;
                    $slope = Tilt::from($tilt->id)->slope($plan->load->rig);
                    self::assertEqualsWithDelta($slope * $tilt->length_mm, $tilt->from_mm - $tilt->to_mm, 1e-6);
                    if (PlannedShape::WheelArch === $tank->shape || PlannedShape::Profile === $tank->shape) {
                        continue;
                    }
                    $told[$tank->shape->value] = true;
                    $stillL = $tank->inside()->litresBelow($section->travel_level_mm);
                    self::assertEqualsWithDelta(
                        $stillL,
                        self::litresUnder($tank, $tilt, $slope),
                        $tank->inside()->litresBelow($tank->heightMm) / 150,
                        "seed {$seed} {$tank->name} {$tilt->id}",
                    );
                }
                if (!isset($section->detail->restraint)) {
                    self::assertSame('boat', $plan->load->rig->kind()->value);
                    ++$boats;
                    continue;
                }
                $figures = $assessment->figures;
                self::assertEqualsWithDelta(0.8 * $figures->{"tanks.{$tank->id}.full_kg"}->value, $figures->{"tanks.{$tank->id}.pull_forward"}->value, 1e-9);
                self::assertEqualsWithDelta(0.5 * $figures->{"tanks.{$tank->id}.full_kg"}->value, $figures->{"tanks.{$tank->id}.pull_side"}->value, 1e-9);
                self::assertEqualsWithDelta(1.0 * $figures->{"tanks.{$tank->id}.full_kg"}->value, $figures->{"tanks.{$tank->id}.pull_up"}->value, 1e-9);
            }
        }
        self::assertGreaterThan(5, $boats);
        self::assertGreaterThan(100, $tilted);
        self::assertCount(3, $told);
    }

    /** Counted in 100 × 100 columns of the tank. */
    private static function litresUnder(PlannedTank $tank, mixed $tilt, float $slope): float
    {
        $litres = 0.0;
        for ($column = 0; $column < 10_000; ++$column) {
            [$u, $v] = [2 * ($column % 100 + 0.5) / 100 - 1, 2 * (intdiv($column, 100) + 0.5) / 100 - 1];
            // Half the height, from its middle, that the column has of the shape.
            $half = match ($tank->shape) {
                PlannedShape::UprightCylinder => $u ** 2 + $v ** 2 < 1 ? 1.0 : 0.0,
                PlannedShape::LyingCylinder => sqrt(1 - ($tank->lengthMm >= $tank->widthMm ? $v : $u) ** 2),
                default => 1.0,
            };
            $surface = $tilt->from_mm - $slope * $tilt->length_mm * (1 + ($tilt->lengthwise ? $u : $v)) / 2;
            [$floor, $top] = [$tank->heightMm * (1 - $half) / 2, $tank->heightMm * (1 + $half) / 2];
            $litres += (min(max($surface, $floor), $top) - $floor) * $tank->lengthMm * $tank->widthMm / 1e10;
        }

        return $litres;
    }

    /** A table of two layers, the upper three times as wide as the lower. */
    public function testAMeasuredTankIsItsLayers(): void
    {
        $tank = '"shape":"profile","levels":[{"id":"low","height_mm":100,"litres":10},{"id":"high","height_mm":300,"litres":70}],"length_mm":1000,"width_mm":400,"height_mm":300,"outlet_height_mm":0,"overflow_height_mm":300,"travel_fill":0.5,"displaced_fraction":0';
        $document = SamplePlans::fellside()->document();
        foreach (json_decode('{'.$tank.'}', false, 8, \JSON_THROW_ON_ERROR) as $key => $value) {
            $document->tanks[0]->{$key} = $value;
        }
        $workings = Workings::over(Plan::read($document));
        $tilts = TiltedTank::all($workings->of(TanksWorkings::class)->all()[0], $workings);
        self::assertCount(6, $tilts);
        foreach ($tilts as $tilted) {
            if (Tilt::LeanLeft === $tilted->tilt) {
                // 35 L: 10 in the lower layer and 25 in the upper, 83.3 mm of it; a lean of 20 % over 400 mm turns about that level.
                self::assertEqualsWithDelta([100 + 250 / 3 + 40, 100 + 250 / 3 - 40], [$tilted->lowWallMm, $tilted->farWallMm()], 1e-6);
            }
        }
    }

    /** Over an arch in its whole right half, half as high as the tank, a fifth full: the arch stands dry. */
    public function testOverAnArchTheWaterRunsToItsDeepSide(): void
    {
        $tank = '"shape":"wheel_arch","arch":{"x_mm":0,"y_mm":200,"length_mm":1000,"width_mm":200,"height_mm":200},"length_mm":1000,"width_mm":400,"height_mm":400,"outlet_height_mm":0,"overflow_height_mm":400,"travel_fill":0.2,"displaced_fraction":0';
        $document = SamplePlans::fellside()->document();
        foreach (json_decode('{'.$tank.'}', false, 8, \JSON_THROW_ON_ERROR) as $key => $value) {
            $document->tanks[0]->{$key} = $value;
        }
        $workings = Workings::over(Plan::read($document));
        $working = $workings->of(TanksWorkings::class)->all()[0];
        self::assertEqualsWithDelta(120.0, $working->fullL(), 1e-9);
        $levels = [];
        foreach (TiltedTank::all($working, $workings) as $tilted) {
            $levels[$tilted->tilt->value] = [$tilted->lowWallMm, $tilted->farWallMm()];
        }
        // 24 L on 1 000 × 200 mm stand 120 mm deep; leaning left 20 mm higher at the left and 20 mm lower at the arch.
        self::assertEqualsWithDelta([140.0, 60.0], $levels['lean_left'], 1e-6);
        // Leaning right the arch, 200 mm high, holds it back.
        self::assertEqualsWithDelta([100.0, 180.0], $levels['lean_right'], 1e-6);
    }

    public function testABoatHeelsAsFarAsIsSaid(): void
    {
        $plan = Plan::read(SamplePlans::patched(SamplePlans::demos()['petrel'], '[{"op":"add","path":"/load/rig/heel_deg","value":30}]'));
        self::assertEqualsWithDelta(tan(deg2rad(30)), Tilt::HeelPort->slope($plan->load->rig), 1e-12);
        self::assertStringContainsString('Heeled 30° to port', Json::encode(Assessor::drawn($plan, 'tanks')));
    }

    public function testLooseFillingTakesItsShareAndCalmsTheWater(): void
    {
        $plan = SamplePlans::fellside();
        $filled = Plan::read(SamplePlans::patched($plan, '[{"op":"add","path":"/tanks/0/loose_fraction","value":0.05}]'));
        [$before, $after] = [self::sent(Assessor::assess($plan, '-')), self::sent(Assessor::assess($filled, '-'))];
        self::assertEqualsWithDelta(
            0.05 * $plan->tanks[0]->lengthMm * $plan->tanks[0]->widthMm * $plan->tanks[0]->heightMm / 1e6,
            $before->figures->{'tanks.tail.gross'}->value - $after->figures->{'tanks.tail.gross'}->value,
            1e-9,
        );
        self::assertSame([true, false], [isset($before->figures->{'tanks.tail.slosh'}), isset($after->figures->{'tanks.tail.slosh'})]);
    }

    private static function sent(Sent $sent): mixed
    {
        return Json::decode(Json::encode($sent));
    }

    /** Four straps at 60°: what they hold along is half of what each pulls, and √3/2 of it down. */
    public function testEachStrapPullsMoreTheSteeperItIs(): void
    {
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"add","path":"/tanks/0/straps","value":4},{"op":"add","path":"/tanks/0/strap_angle_deg","value":60},{"op":"add","path":"/tanks/0/baffle_cells","value":3}]',
            ),
        );
        $figures = self::sent(Assessor::assess($plan, '-'))->figures;
        self::assertEqualsWithDelta($figures->{'tanks.tail.pull_forward'}->value / 2, $figures->{'tanks.tail.strap_forward'}->value, 1e-9);
        self::assertEqualsWithDelta($figures->{'tanks.tail.pull_side'}->value / 2, $figures->{'tanks.tail.strap_side'}->value, 1e-9);
        self::assertEqualsWithDelta($figures->{'tanks.tail.pull_up'}->value / (2 * sqrt(3)), $figures->{'tanks.tail.strap_up'}->value, 1e-9);
        // A cell of a third of the length sloshes √3 times as fast where it is deep for its length.
        $free = self::sent(Assessor::assess(SamplePlans::fellside(), '-'))->figures->{'tanks.tail.slosh'}->value;
        self::assertGreaterThan(sqrt(3) * $figures->{'tanks.tail.slosh'}->value, $free);
    }
}
