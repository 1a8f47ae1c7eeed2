<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessment;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\FindingCode;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Tests\SamplePlans;

/** Two main tanks, one far behind the rear axle and one between the axles. */
final class BestSplitTest extends TestCase
{
    private static function twoTanks(string $more = ''): Plan
    {
        $bench = '{"id":"bench","name":"Bench tank","form":"fixed","supply":"main","length_mm":700,"width_mm":370,"height_mm":360,"outlet_height_mm":15,"overflow_height_mm":345,"displaced_fraction":0,"empty_kg":8,"x_m":1.4,"y_m":-0.75,"z_m":0.63}';

        return Plan::read(SamplePlans::patched(SamplePlans::fellside(), '[{"op":"add","path":"/tanks/-","value":'.$bench.'},{"op":"replace","path":"/load/rig/gross_limit_kg","value":3600},{"op":"add","path":"/load/rig/rear/weighed_kg","value":1460}'.$more.']'));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }

    private static function find(Assessment $assessment, FindingCode $code): ?int
    {
        $index = array_search($code, array_map(static fn (Finding $finding): FindingCode => $finding->code, $assessment->findings), true);

        return \is_int($index) ? $index : null;
    }

    public function testTheAnswerIsTheMostThatAllTanksTogetherMayHold(): void
    {
        $assessment = Assessor::assess(self::twoTanks());
        $answer = $assessment->stages[1]->answer;
        self::assertSame(['Travel with ', '147 L', 'load.best_split'], [$answer->before, self::plain($answer->figure), $answer->figureId]);
        self::assertSame('Tail tank 58 L, Bench tank 89 L. Filled alike, the tanks may hold 121 L. Full, the rear axle is 85 kg over its limit.', self::plain($answer->reason));
        // By hand: what the rear axle has left with empty tanks, less what the full bench tank adds, on the tail tank's lever.
        $rearKg = 1460 + (152 * 0.45 + 64 * 1.6 + 78 * 2.5 + 96 * 4.6 + 2 * 10.7 * 2.2 + 9 * 4.42 + 8 * 1.4) / 3.3;
        $benchL = 7.0 * 3.7 * 3.45;
        self::assertSame(58.0, floor((1850 - $rearKg - $benchL * 1.4 / 3.3) * 3.3 / 4.42));
        self::assertEqualsWithDelta(58 + $benchL, $assessment->figures->get('load.best_split')->value, 1e-6);
    }

    public function testItsFixSetsEachTankAndFillingAlikeForgetsThemAgain(): void
    {
        $plan = self::twoTanks();
        $over = Assessor::assess($plan);
        $fixes = $over->fixes[self::find($over, FindingCode::RearOver)];
        self::assertSame(['Travel with 147 L: Tail tank 58 L, Bench tank 89 L', 'Travel with 121 L'], array_map(static fn ($fix): string => self::plain($fix->label), \array_slice($fixes, 0, 2)));
        $split = $fixes[0]->patch->applyTo($plan);
        self::assertEqualsWithDelta([58 / (9.5 * 3.7 * 3.45), 1.0], [$split->tanks[0]->travelFill, $split->tanks[3]->travelFill], 1e-6);
        $after = Assessor::assess($split);
        self::assertNull(self::find($after, FindingCode::RearOver));
        self::assertEqualsWithDelta(147.0, $after->figures->get('load.travel')->value, 0.5);
        self::assertStringStartsWith('Do not drive brim full, nor with more than 121', self::plain($after->findings[(int) self::find($after, FindingCode::RearOverFull)]->title));

        $brimful = self::twoTanks(',{"op":"add","path":"/tanks/0/travel_fill","value":1},{"op":"replace","path":"/load/travel_fill","value":0.9}');
        $over = Assessor::assess($brimful);
        $alike = $over->fixes[self::find($over, FindingCode::RearOver)][1]->patch->applyTo($brimful);
        self::assertNull($alike->tanks[0]->travelFill);
        self::assertEqualsWithDelta(121.0, Assessor::assess($alike)->figures->get('load.travel')->value, 0.5);
    }

    public function testOneTankOrRoomForAllOrALimitBrokenEmptyHasNothingToSplit(): void
    {
        foreach ([
            SamplePlans::fellside(),
            self::twoTanks(',{"op":"replace","path":"/load/rig/rear/limit_kg","value":2200}'),
            self::twoTanks(',{"op":"replace","path":"/load/rig/rear/limit_kg","value":1600}'),
        ] as $plan) {
            self::assertFalse(Assessor::assess($plan)->figures->has('load.best_split'));
        }
    }

    public function testATankThatTravelsEmptyWeighsOnlyItself(): void
    {
        $with = Assessor::assess(self::twoTanks(',{"op":"add","path":"/tanks/0/travel_fill","value":0}'))->figures;
        $without = Assessor::assess(self::twoTanks(',{"op":"remove","path":"/tanks/0"}'))->figures;
        self::assertEqualsWithDelta(9.0, $with->get('load.gross.travel')->value - $without->get('load.gross.travel')->value, 1e-9);
        self::assertEqualsWithDelta(9 * 4.42 / 3.3, $with->get('load.rear.travel')->value - $without->get('load.rear.travel')->value, 1e-9);
    }

    public function testSplitsAreInTheUnitsOfThePlan(): void
    {
        $json = self::plain(Json::encode(Assessor::assess(self::twoTanks(',{"op":"replace","path":"/units/volume","value":"US gal"}'))));
        self::assertStringContainsString('Travel with 38 US gal: Tail tank 15 US gal, Bench tank 23 US gal', $json);
    }
}
