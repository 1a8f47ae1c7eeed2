<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\NosePractice;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Tests\SamplePlans;

/** Several fresh tanks travel with more when each has a fill of its own. */
final class BestSplitTest extends TestCase
{
    /** Fellside, weighed, without its waste tank, with a second tank on a bench before the rear axle. */
    private static function twoTanks(string $more = ''): Plan
    {
        $bench = '{"id":"bench","name":"Bench tank","form":"fixed","shape":"box","holds":"fresh","count":1,"length_mm":700,"width_mm":370,"height_mm":360,"outlet_height_mm":15,"overflow_height_mm":345,"displaced_fraction":0,"empty_kg":8,"x_m":1.4,"y_m":-0.75,"z_m":0.63,"ports":[],"see_through":true,"poured":false,"levels":[]}';
        $outside = implode(
            ',',
            array_map(static fn (int $use): string => '{"op":"replace","path":"/use/uses/'.$use.'/drains_to","value":"outside"}', [2, 3, 4]),
        );

        return Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '['.$outside.',{"op":"replace","path":"/tanks/2","value":'.$bench.'},{"op":"replace","path":"/line","value":{"parts":[],"pipes":[]}},{"op":"replace","path":"/use/stay","value":"mixed"},{"op":"replace","path":"/load/rig/gross_limit_kg","value":3600},{"op":"replace","path":"/load/rig/axles/1/weighed_kg","value":1460},{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1455}'.$more.']',
            ),
        );
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }

    private static function find(Assessment $assessment, string $code): ?SentFinding
    {
        return array_values(array_filter($assessment->findings, static fn (SentFinding $finding): bool => $code === $finding->code))[0] ?? null;
    }

    /** A stay begun brim full leaves with its waste aboard, which both ways of filling allow for. */
    public function testTheWasteOfTheStayIsAllowedForInTheSplitToo(): void
    {
        $bench = '{"id":"bench","name":"Bench tank","form":"fixed","shape":"box","holds":"fresh","count":1,"length_mm":700,"width_mm":400,"height_mm":320,"outlet_height_mm":15,"overflow_height_mm":305,"displaced_fraction":0,"empty_kg":5.8,"x_m":1.4,"y_m":0,"z_m":0.62,"ports":[],"see_through":true,"poured":false,"levels":[]}';
        $plan = Plan::read(
            SamplePlans::patched(
                SamplePlans::fellside(),
                '[{"op":"add","path":"/tanks/-","value":'.$bench.'},{"op":"replace","path":"/line","value":{"parts":[],"pipes":[]}},{"op":"replace","path":"/use/stay","value":"mixed"},{"op":"replace","path":"/load/rig/gross_limit_kg","value":3700},{"op":"replace","path":"/load/rig/axles/1/weighed_kg","value":1460},{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1455}]',
            ),
        );
        $answer = Assessor::assess($plan)->stages['load']->answer;
        self::assertStringStartsWith('Tail tank 26 L, Bench tank 85 L. Filled equally, the tanks could hold only 74 L.', self::plain($answer->reason));
        $workings = Workings::over($plan);
        $load = $workings->of(LoadWorkings::class);
        $margin = $workings->of(GreatestFill::class)->margin;
        self::assertNull(GreatestFill::brokenWith([26 / 121.2675, 1.0, 1.0, 1.0], $margin, $load));
    }

    public function testTheAnswerIsTheMostThatAllTanksTogetherMayHold(): void
    {
        $assessment = Assessor::assess(self::twoTanks());
        $answer = $assessment->stages['load']->answer;
        self::assertSame(
            ['Travel with ', '147 L', '. Brim it on arrival.', 'load.best_split'],
            [$answer->before, self::plain($answer->figure), $answer->after, $answer->figureId],
        );
        self::assertStringStartsWith(
            'Tail tank 58 L, Bench tank 89 L. Filled equally, the tanks could hold only 121 L. With full tanks, the rear axle is 85 kg over its limit.',
            self::plain($answer->reason),
        );
        // By hand: what the rear axle has left with empty tanks, less what the full bench tank adds, on the tail tank's lever.
        $rearKg = 1460 + (152 * 0.45 + 64 * 1.6 + 78 * 2.5 + 96 * 4.6 + 2 * 10.7 * 2.2 + 9 * 4.42 + 8 * 1.4) / 3.3;
        $benchL = 7.0 * 3.7 * 3.45;
        self::assertSame(58.0, floor((1850 - $rearKg - $benchL * 1.4 / 3.3) * 3.3 / 4.42));
        self::assertEqualsWithDelta(58 + $benchL, $assessment->figures['load.best_split']->value, 1e-6);
    }

    public function testItsFixSetsEachTankAndFillingAlikeForgetsThemAgain(): void
    {
        $plan = self::twoTanks();
        $fixes = self::find(Assessor::assess($plan), 'load.rear-over')->fixes ?? [];
        self::assertSame(
            ['Travel with 147 L: Tail tank 58 L, Bench tank 89 L', 'Travel with 121 L'],
            array_values(
                array_filter(
                    array_map(static fn (SentFix $fix): string => self::plain($fix->label), $fixes),
                    static fn (string $label): bool => str_starts_with($label, 'Travel'),
                ),
            ),
        );
        $split = array_values(array_filter($fixes, static fn (SentFix $fix): bool => str_contains($fix->label, 'Bench tank')))[0]->patch->applyTo($plan);
        self::assertEqualsWithDelta([58 / (9.5 * 3.7 * 3.45), 1.0], [$split->tanks[0]->travelFill, $split->tanks[2]->travelFill], 1e-6);
        $after = Assessor::assess($split);
        self::assertNull(self::find($after, 'load.rear-over'));
        self::assertEqualsWithDelta(147.0, $after->figures['load.travel']->value, 0.5);
        self::assertStringStartsWith('Drive with 121', self::plain(self::find($after, 'load.rear-over-full')->title ?? ''));

        $brimful = self::twoTanks(',{"op":"add","path":"/tanks/0/travel_fill","value":1},{"op":"replace","path":"/load/travel_fill","value":0.9}');
        $fixes = array_values(
            array_filter(
                self::find(Assessor::assess($brimful), 'load.rear-over')->fixes ?? [],
                static fn (SentFix $fix): bool => str_starts_with(self::plain($fix->label), 'Travel with 121 L'),
            ),
        );
        $alike = $fixes[0]->patch->applyTo($brimful);
        self::assertNull($alike->tanks[0]->travelFill);
        self::assertEqualsWithDelta(121.0, Assessor::assess($alike)->figures['load.travel']->value, 0.5);
    }

    public function testOneTankOrRoomForAllOrALimitBrokenEmptyHasNothingToSplit(): void
    {
        foreach ([
            SamplePlans::fellside(),
            self::twoTanks(',{"op":"replace","path":"/load/rig/axles/1/limit_kg","value":2200}'),
            self::twoTanks(',{"op":"replace","path":"/load/rig/axles/1/limit_kg","value":1600}'),
        ] as $plan) {
            self::assertArrayNotHasKey('load.best_split', Assessor::assess($plan)->figures);
        }
    }

    public function testNoSplitBreaksALimitOnTheWayToUsedUp(): void
    {
        $splits = 0;
        for ($kg = 1700; $kg <= 2200; $kg += 20) {
            $plan = self::twoTanks(',{"op":"replace","path":"/load/rig/axles/1/limit_kg","value":'.$kg.'}');
            $fix = array_values(
                array_filter(
                    array_merge(...array_map(static fn (SentFinding $finding): array => $finding->fixes, Assessor::assess($plan)->findings)),
                    static fn (SentFix $one): bool => 1 === preg_match('/ with [^:]+: /', $one->label),
                ),
            )[0] ?? null;
            if (null !== $fix) {
                foreach (Workings::over($fix->patch->applyTo($plan))->of(LoadWorkings::class)->limits() as $limit) {
                    self::assertFalse($limit->onTheRoad->isBroken(), "$kg kg: {$limit->name->value}");
                }
                ++$splits;
            }
        }
        self::assertGreaterThan(0, $splits);
    }

    public function testTheGreatestFillKeepsTheNoseHeavyEnoughToTheEnd(): void
    {
        $tried = 0;
        for ($seed = 1; $seed <= 300; ++$seed) {
            $plan = SamplePlans::varied($seed);
            $workings = Workings::over($plan);
            $load = $workings->of(LoadWorkings::class);
            $fill = $workings->of(GreatestFill::class);
            if ('trailer' !== $plan->load->rig->kind()->value || !$fill->exists) {
                continue;
            }
            $passage = $load->passages()->between(array_map(static fn ($tank): float => 'fresh' === $tank->holds->value ? $fill->fraction : 1.0, $plan->tanks));
            self::assertGreaterThanOrEqual(NosePractice::Light->leastShare() - 1e-6, $passage?->share->least, "Plan $seed");
            ++$tried;
        }
        self::assertGreaterThan(5, $tried);
    }

    public function testATankThatTravelsEmptyWeighsOnlyItself(): void
    {
        $with = Assessor::assess(self::twoTanks(',{"op":"add","path":"/tanks/0/travel_fill","value":0}'))->figures;
        $without = Assessor::assess(self::twoTanks(',{"op":"remove","path":"/tanks/0"}'))->figures;
        self::assertEqualsWithDelta(9.0, $with['load.gross.travel']->value - $without['load.gross.travel']->value, 1e-9);
        self::assertEqualsWithDelta(9 * 4.42 / 3.3, $with['load.rear.travel']->value - $without['load.rear.travel']->value, 1e-9);
    }

    public function testSplitsAreInTheUnitsOfThePlan(): void
    {
        $json = self::plain(Json::encode(Assessor::assess(self::twoTanks(',{"op":"replace","path":"/units/volume","value":"US gal"}'))));
        self::assertStringContainsString('Travel with 38 US gal: Tail tank 15 US gal, Bench tank 23 US gal', $json);
    }
}
