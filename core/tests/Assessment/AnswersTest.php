<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Tests\SamplePlans;

/** What the stages and the sight glass say, word for word. */
final class AnswersTest extends TestCase
{
    private const NO_TANKS = '{"op":"replace","path":"/tanks","value":[]}';

    /** @return iterable<string, array{string, string, string, string, string}> plan, patch, stage, sentence, reason */
    public static function answers(): iterable
    {
        yield 'the need' => ['fellside', '', 'use', 'Carry 127 L for 3 days.', '39 L a day; shower takes 35 % of it. Likely between 85 L and 169 L. Drinking apart: 17 L.'];
        yield 'one day' => ['van', '{"op":"replace","path":"/use/days","value":1},{"op":"replace","path":"/use/crew","value":9}', 'use', 'Carry 127 L for 1 day.', '116 L a day; shower takes 58 % of it. Likely between 84 L and 170 L. Drinking apart: 25 L.'];
        yield 'a can' => ['van', '{"op":"replace","path":"/use/crew","value":1},{"op":"replace","path":"/use/days","value":1}', 'use', 'One can of 20 L is enough.', 'The stay takes 18 L, 16 L a day. No tank is needed. Drinking apart: 2.8 L.'];
        yield 'no use' => ['van', '{"op":"replace","path":"/use/uses","value":[]}', 'use', 'Nothing is drawn: 0.0 L.', 'Say what the water is for, and the need follows.'];
        yield 'a limit' => ['fellside', '', 'load', 'Travel with 96 L. Brim it on arrival.', 'Full, the rear axle is 33 kg over its limit. Each litre adds 1.34 kg there.'];
        yield 'no limit' => ['van', '', 'load', 'Travel brim full: 101 L are allowed.', 'Least is left to the front axle: 325 kg on the road.'];
        yield 'over without water' => ['fellside', '{"op":"replace","path":"/load/rig/rear/limit_kg","value":1600}', 'load', '121 kg over before any water.', 'The rear axle is at 1 721 kg of 1 600 kg with empty tanks. Something else has to stay at home or move.'];
        yield 'no water' => ['van', self::NO_TANKS, 'load', 'No water aboard yet, 373 kg to spare.', 'Least is left to the front axle.'];
        yield 'a boat' => ['boat', '{"op":"replace","path":"/load/rig/load_limit_kg","value":250}', 'load', 'Travel with 57 L. Brim it on arrival.', 'Full, the load aboard is 44 kg over its limit. Each litre adds 1.00 kg there.'];
        yield 'usable' => ['fellside', '', 'tanks', '109 L of 127 L can be used.', 'Brim full they weigh 121 kg; they last 2.3 of the 3 days.'];
        yield 'no tank' => ['van', self::NO_TANKS, 'tanks', 'No tank yet: 95 L have nowhere to go.', 'Add a tank or a can, give it its sizes as measured, and drag it to its place.'];
    }

    #[DataProvider('answers')]
    public function testAStageAnswersInOneSentence(string $plan, string $patch, string $stage, string $sentence, string $reason): void
    {
        $answer = self::assessed($plan, $patch)->stages->{$stage}->answer;
        self::assertSame([$sentence, $reason], [self::plain($answer->before.$answer->figure.$answer->after), self::plain($answer->reason)]);
    }

    /** @return iterable<string, array{string, string, list<string>}> plan, patch, the cells */
    public static function glasses(): iterable
    {
        yield 'a van in trouble' => ['fellside', '', [
            'Carried against needed: 109 L of 127 L, fix',
            'Lasts: 2.3 days of 3 days, fix',
            'Drinking: 20 L of 17 L',
            'Payload left, on the road: −33 kg rear axle, stop',
            'Left against right: 11 kg more left',
        ]];
        yield 'a trailer' => ['trailer', '', [
            'Carried against needed: 96 L of 95 L',
            'Lasts: 3.0 days of 3 days',
            'Drinking: 20 L of 17 L',
            'Payload left, on the road: 31 kg nose',
            'Nose share: 6 % of the trailer',
        ]];
        yield 'a boat that lies to port' => ['boat', '{"op":"replace","path":"/tanks/0/y_m","value":-0.9}', [
            'Carried against needed: 96 L of 95 L',
            'Lasts: 3.0 days of 3 days',
            'Drinking: 20 L of 17 L',
            'Payload left, under way: 506 kg load limit',
            'Heel: 1.9 ° to port',
        ]];
        yield 'nothing drawn, nothing carried' => ['van', '{"op":"replace","path":"/use/uses","value":[]},'.self::NO_TANKS, [
            'Carried against needed: 0.0 L of 0.0 L',
            'Payload left, on the road: 373 kg front axle',
            'Left against right: 0 kg even',
        ]];
    }

    /** @param list<string> $cells */
    #[DataProvider('glasses')]
    public function testTheSightGlassShowsWhatTradesAgainstWhat(string $plan, string $patch, array $cells): void
    {
        self::assertSame($cells, array_map(static fn (\stdClass $cell): string => self::plain($cell->label.': '.$cell->figure.' '.$cell->symbol.' '.$cell->beside.(isset($cell->severity) ? ', '.$cell->severity : '')), self::assessed($plan, $patch)->glass));
    }

    /** @return list<array{string, string, string, string}> patch, and the state of each stage's valve */
    public static function valves(): array
    {
        return [
            ['', 'half', 'shut', 'half'],
            ['{"op":"replace","path":"/load/travel_fill","value":0.2}', 'half', 'open', 'half'],
            ['{"op":"replace","path":"/load/rig/rear/limit_kg","value":2000},{"op":"replace","path":"/tanks/0/outlet_height_mm","value":15}', 'half', 'half', 'open'],
            ['{"op":"replace","path":"/use/days","value":2},{"op":"replace","path":"/load/travel_fill","value":0.2}', 'open', 'open', 'half'],
        ];
    }

    #[DataProvider('valves')]
    public function testAValveIsShutByAStopAndHalfOpenWhenSomethingWillNotWork(string $patch, string $use, string $load, string $tanks): void
    {
        $stages = self::assessed('fellside', $patch)->stages;
        self::assertSame([$use, $load, $tanks], [$stages->use->state, $stages->load->state, $stages->tanks->state]);
    }

    public function testTheCautionsStandWhereTheWorkCanHurtAndNameWhoDecides(): void
    {
        foreach (['fellside' => ['health authority', 'weighbridge', 'licensed', 'gas lines'], 'boat' => ['health authority', 'naval architect', 'licensed']] as $plan => $words) {
            $cautions = implode(' ', array_merge(...array_map(static fn (\stdClass $stage): array => $stage->cautions, array_values((array) self::assessed($plan, '')->stages))));
            foreach ($words as $word) {
                self::assertStringContainsString($word, $cautions);
            }
        }
    }

    public function testReadingsHoldEveryMeasuredFieldAsItStandsInItsInput(): void
    {
        $readings = self::assessed('fellside', '{"op":"replace","path":"/units/length","value":"in"}')->readings;
        self::assertSame(['text' => '37.402', 'symbol' => 'in'], (array) $readings->{'/tanks/0/length_mm'});
        self::assertSame(['text' => '30.709 left', 'symbol' => 'in'], (array) $readings->{'/tanks/0/y_m'});
        self::assertSame(['text' => '10', 'symbol' => '%'], (array) $readings->{'/use/reserve'});
        self::assertSame(['text' => '2', 'symbol' => ''], (array) $readings->{'/use/crew'});
        self::assertObjectNotHasProperty('/load/rig/rear/weighed_kg', $readings);
        self::assertObjectNotHasProperty('/name', $readings);
    }

    private static function assessed(string $plan, string $patch): \stdClass
    {
        $base = 'fellside' === $plan ? SamplePlans::fellside() : SamplePlans::begun(['rig' => $plan]);
        $assessed = Json::decode(Json::encode(Assessor::assess(Plan::read(SamplePlans::patched($base, '['.$patch.']')))));
        self::assertInstanceOf(\stdClass::class, $assessed);

        return $assessed;
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
