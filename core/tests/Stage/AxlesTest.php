<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Drawing\AxleOffer;
use YardCask\Core\Stage\Load\Shared\EstimateError;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Tests\SamplePlans;

/** Axles that carry together, what tows a trailer, and tickets of the whole. */
final class AxlesTest extends TestCase
{
    public function testAnAxleMoreSharesTheLoadAndMovesItsMiddle(): void
    {
        foreach (['bothy', 'prompt-side'] as $name) {
            $plan = SamplePlans::demos()[$name];
            $twice = AxleOffer::of($plan)?->patch->applyTo($plan) ?? self::fail('There is room for an axle.');
            $index = \count($twice->load->rig->axles) - 1;
            $group = $twice->load->rig instanceof PlannedRoadRig ? $twice->load->rig->rear() : $twice->load->rig->axle();
            self::assertSame([0.5, 0.5], array_values($group->shares), $name);
            self::assertEqualsWithDelta(
                [$plan->load->rig->axles[$index - 1]->sizes->xM, 0.8],
                [$group->xM, $twice->load->rig->axles[$index]->sizes->xM - $twice->load->rig->axles[$index - 1]->sizes->xM],
                1e-9,
                $name,
            );
            self::assertSame(2 * $twice->load->rig->axles[$index]->sizes->limitKg, $group->limitKg, $name);
            // What stood on the one axle stands on the two.
            self::assertEqualsWithDelta(
                Workings::over($plan)->of(LoadWorkings::class)->base->secondKg,
                Workings::over($twice)->of(LoadWorkings::class)->base->secondKg,
                1e-9,
                $name,
            );
            // Taken out again, all is as it was but for the place, which stays where it was put.
            foreach (AxleOffer::removals($twice) as $removal) {
                $once = $removal->patch->applyTo($twice);
                self::assertCount($index, $once->load->rig->axles);
                $kg = static fn (Plan $one): float => Workings::over($one)->of(LoadWorkings::class)->base->firstKg + ('bothy' === $name ? 0.0 : Workings::over($one)->of(LoadWorkings::class)->base->secondKg);
                self::assertEqualsWithDelta($kg($plan), $kg($once), 1e-9, $name);
            }
            self::assertStringContainsString('xle pair', json_encode(Assessor::assess($twice)->stages['load']->drawing, \JSON_THROW_ON_ERROR), $name);
        }
    }

    public function testTheWeakestAxleOfAGroupIsItsLimitByItsShareAndItsTyresAreHeldAgainstIt(): void
    {
        $plan = SamplePlans::demos()['bothy'];
        $axle = $plan->load->rig->axles[0];
        $second = '{"id":"axle-2","name":"Second axle","x_m":'.($axle->sizes->xM + 0.8).',"track_m":1.65,"limit_kg":600,"twins":false,"share":0.4,"tyre_kg":100}';
        $tandem = Plan::read(
            SamplePlans::patched(
                $plan,
                '[{"op":"replace","path":"/load/rig/axles/0/limit_kg","value":750},{"op":"add","path":"/load/rig/axles/-","value":'.$second.'}]',
            ),
        );
        // 750 / 0.6 = 1 250 is less than 600 / 0.4 = 1 500.
        self::assertEqualsWithDelta(1250.0, RigLimit::of(LimitName::Axle, $tandem->load->rig)->kg, 1e-9);
        self::assertSame('/load/rig/axles/0/limit_kg', RigLimit::of(LimitName::Axle, $tandem->load->rig)->pointer);
        $workings = Workings::over($tandem);
        $load = WheelLoads::of($workings)[0];
        $axleKg = $workings->of(LoadWorkings::class)->limit(LimitName::Axle)?->kgIn(RigState::Travelling) ?? 0.0;
        self::assertSame(1, $load->axleIndex);
        self::assertEqualsWithDelta(0.4 * ($axleKg / 2 + abs($load->momentKgM) / 1.65), $load->kg, 1e-9);
        $twins = Plan::read(SamplePlans::patched($tandem, '[{"op":"replace","path":"/load/rig/axles/1/twins","value":true}]'));
        self::assertEqualsWithDelta($load->kg / 2, WheelLoads::of(Workings::over($twins))[0]->kg, 1e-9);
        self::assertContains('load.tyre-over', array_column(Assessor::assess($tandem)->findings, 'code'));
    }

    /** @return iterable<string, array{string, LimitName, float, string}> */
    public static function towed(): iterable
    {
        yield 'the coupling' => ['"nose_limit_kg":75', LimitName::Nose, 75.0, 'plate'];
        yield 'the bar' => ['"nose_limit_kg":100,"bar_nose_limit_kg":60,"car_nose_limit_kg":80', LimitName::Nose, 60.0, 'tow_bar'];
        yield 'the car' => ['"nose_limit_kg":100,"bar_nose_limit_kg":90,"car_nose_limit_kg":55', LimitName::Nose, 55.0, 'tow_car'];
        // 65 kg left, each on the ball puts 1 + 1/4 of it there.
        yield 'the rear axle of the car' => [
            '"nose_limit_kg":100,"car_rear_limit_kg":1165,"car_rear_kg":1100,"car_wheelbase_m":4,"car_ball_m":1',
            LimitName::Nose,
            52.0,
            'tow_car_rear',
        ];
        yield 'a rear axle without its lever' => ['"nose_limit_kg":100,"car_rear_limit_kg":1110,"car_rear_kg":1100', LimitName::Nose, 100.0, 'plate'];
        yield 'what the car may pull' => ['"gross_limit_kg":1300,"towed_limit_kg":1200', LimitName::Gross, 1200.0, 'towed'];
        yield 'the train' => ['"gross_limit_kg":1300,"towed_limit_kg":1200,"train_limit_kg":2900,"car_kg":1800', LimitName::Gross, 1100.0, 'train'];
    }

    #[DataProvider('towed')]
    public function testTheLeastOfCouplingBarAndCarCounts(string $figures, LimitName $name, float $kg, string $whose): void
    {
        $document = SamplePlans::demos()['bothy']->document();
        foreach (json_decode('{'.$figures.'}', true, 8, \JSON_THROW_ON_ERROR) as $key => $value) {
            $document->load->rig->{$key} = $value;
        }
        $plan = Plan::read($document);
        $limit = RigLimit::of($name, $plan->load->rig);
        self::assertEqualsWithDelta($kg, $limit->kg, 1e-9);
        self::assertSame($whose, $limit->whose);
        self::assertEqualsWithDelta($kg, Workings::over($plan)->of(LoadWorkings::class)->limit($name)?->limitKg, 1e-9);
    }

    /**
     * @return iterable<string, array{string, float, float, array{float, float, float}}> tickets; front and rear in kg; what is estimated of the
     *                                                                                   whole, front and rear
     */
    public static function tickets(): iterable
    {
        yield 'none' => ['', 1200.0, 800.0, [2000.0, 1200.0, 800.0]];
        yield 'both axles' => ['"front":1100,"rear":950', 1100.0, 950.0, [0.0, 0.0, 0.0]];
        yield 'the whole and the front' => ['"whole":2100,"front":1150', 1150.0, 950.0, [0.0, 0.0, 0.0]];
        yield 'the whole and the rear' => ['"whole":2100,"rear":900', 1200.0, 900.0, [0.0, 0.0, 0.0]];
        // Shared out 60 to 40; with both out against each other each is out by 2 · 0.6 · 0.4 of the whole.
        yield 'the whole alone' => ['"whole":2100', 1260.0, 840.0, [0.0, 1008.0, 1008.0]];
    }

    /** @param array{float, float, float} $estimated */
    #[DataProvider('tickets')]
    public function testATicketOfTheWholeLeavesOnlyItsSharingOutToEstimate(string $tickets, float $frontKg, float $rearKg, array $estimated): void
    {
        $document = SamplePlans::fellside()->document();
        [$rig, $read] = [$document->load->rig, json_decode('{'.$tickets.'}', true, 8, \JSON_THROW_ON_ERROR)];
        [$rig->weighed_fuel, $rig->weighed_with_driver, $rig->weighed_with_tanks, $rig->weighed_with_line] = [1, false, false, 'out'];
        foreach ([0 => ['front', 1200], 1 => ['rear', 800]] as $index => [$key, $estimateKg]) {
            $rig->axles[$index]->estimated_kg = $estimateKg;
            unset($rig->axles[$index]->weighed_kg);
            if (isset($read[$key])) {
                $rig->axles[$index]->weighed_kg = $read[$key];
            }
        }
        if (isset($read['whole'])) {
            $rig->whole_weighed_kg = $read['whole'];
        }
        $plan = Plan::read($document);
        $base = Workings::over($plan)->of(LoadWorkings::class)->base;
        self::assertEqualsWithDelta([$frontKg, $rearKg], [$base->firstKg, $base->secondKg], 1e-9);
        self::assertEqualsWithDelta(
            $estimated,
            array_map(
                static fn (LimitName $name): float => EstimateError::estimatedKg($name, $plan),
                [LimitName::Gross, LimitName::Front, LimitName::Rear],
            ),
            1e-9,
        );
        $rig->weighed_with_driver = true;
        $corrected = Workings::over(Plan::read($document))->of(LoadWorkings::class);
        $weighed = isset($read['whole']) || isset($read['rear']);
        self::assertEqualsWithDelta(
            $weighed ? -($corrected->people->driver()->kg ?? 0.0) : 0.0,
            $corrected->base->firstKg + $corrected->base->secondKg - $frontKg - $rearKg,
            1e-9,
        );
    }

    /** @return iterable<string, array{string, string, string, string}> plan, patch, pointer, words */
    public static function wrong(): iterable
    {
        yield 'one axle' => ['fellside', '{"op":"remove","path":"/load/rig/axles/1"}', '/load/rig/axles', 'at least 2'];
        yield 'the first not at its own place' => [
            'fellside',
            '{"op":"replace","path":"/load/rig/axles/0/x_m","value":1}',
            '/load/rig/axles/0/x_m',
            'it is at 0',
        ];
        yield 'a share of its own' => [
            'fellside',
            '{"op":"add","path":"/load/rig/axles/1/share","value":0.5}',
            '/load/rig/axles/1/share',
            'leave its share empty',
        ];
        yield 'tickets apart' => [
            'fellside',
            '{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1455},{"op":"replace","path":"/load/rig/axles/1/weighed_kg","value":1460},{"op":"add","path":"/load/rig/whole_weighed_kg","value":2500}',
            '/load/rig/whole_weighed_kg',
            'one of the tickets is wrong',
        ];
        yield 'an axle behind the body' => [
            'bothy',
            '{"op":"replace","path":"/load/rig/axles/0/x_m","value":11}',
            '/load/rig/axles/0/x_m',
            'behind the end of the body',
        ];
        yield 'a car that uses up the train' => [
            'bothy',
            '{"op":"add","path":"/load/rig/train_limit_kg","value":2000},{"op":"add","path":"/load/rig/car_kg","value":2100}',
            '/load/rig/car_kg',
            'leaves nothing',
        ];
    }

    #[DataProvider('wrong')]
    public function testSaysWhatContradictsItself(string $plan, string $patch, string $pointer, string $words): void
    {
        try {
            Plan::read(SamplePlans::patched('fellside' === $plan ? SamplePlans::fellside() : SamplePlans::demos()[$plan], '['.$patch.']'));
            self::fail('This plan was taken.');
        } catch (\YardCask\Core\Input\InvalidInput $error) {
            self::assertSame($pointer, $error->errors[0]->pointer);
            self::assertStringContainsString($words, $error->errors[0]->message);
        }
    }
}
