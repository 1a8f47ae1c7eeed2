<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** What the stages and the sight glass say, word for word. */
final class AnswersTest extends TestCase
{
    private const NO_TANKS = '{"op":"replace","path":"/tanks","value":[]}';

    /** @return iterable<string, array{string, string, string, string, string}> plan, patch, stage, sentence, reason */
    public static function answers(): iterable
    {
        yield 'the need' => [
            'fellside',
            '',
            'use',
            'Carry 127 L for 3 days.',
            'You use 39 L a day; 35 % of it goes on “Shower”. You will probably need between 85 L and 169 L. Drinking water is separate: 17 L.',
        ];
        yield 'one day' => [
            'van',
            '{"op":"replace","path":"/use/days","value":1},{"op":"replace","path":"/use/crew","value":9}',
            'use',
            'Carry 143 L for 1 day.',
            'You use 130 L a day; 52 % of it goes on “Shower”. You will probably need between 95 L and 190 L. Drinking water is separate: 25 L.',
        ];
        yield 'a can' => [
            'van',
            '{"op":"replace","path":"/use/crew","value":1},{"op":"replace","path":"/use/days","value":1}',
            'use',
            'One can of 20 L is enough.',
            'The stay needs 16 L, 14 L a day. You need no tank. Drinking water is separate: 2.8 L.',
        ];
        yield 'no use' => [
            'van',
            '{"op":"replace","path":"/use/uses","value":[]}',
            'use',
            'You use 0 L so far.',
            'Add what you use water for, and the litres follow.',
        ];
        yield 'a limit' => [
            'fellside',
            '',
            'load',
            'Travel with 50 L at most.',
            'With full tanks, the whole rig would have only 45 kg left. 115 kg is held back because the weights are estimated.',
        ];
        yield 'no limit' => ['van', '', 'load', 'Travel brim full, with 105 L.', 'The tightest limit: front axle, with 319 kg left on the road.'];
        yield 'over without water' => [
            'fellside',
            '{"op":"replace","path":"/load/rig/axles/1/limit_kg","value":1600}',
            'load',
            '125 kg over before any water.',
            'The rear axle carries 1 725 kg with empty tanks; its limit is 1 600 kg. Something else has to move or stay at home.',
        ];
        yield 'no water' => ['van', self::NO_TANKS, 'load', 'No water aboard yet: 373 kg to spare.', 'The tightest limit: front axle.'];
        yield 'a boat' => [
            'boat',
            '{"op":"replace","path":"/load/rig/load_limit_kg","value":250}',
            'load',
            'Sail with 57 L at most.',
            'With full tanks, the load aboard is 49 kg over its limit. Each litre adds 1.00 kg there.',
        ];
        yield 'a tap on arrival' => [
            'fellside',
            '{"op":"replace","path":"/use/stay","value":"mixed"},{"op":"replace","path":"/load/travel_fill","value":0.4}',
            'tanks',
            'You can use 109 L of 127 L.',
            'Brim full, the water weighs 121 kg. It lasts 2.3 days if you brim the tanks on arrival; the stay is 3 days.',
        ];
        yield 'no tap on arrival' => [
            'fellside',
            '{"op":"replace","path":"/load/travel_fill","value":0.6}',
            'tanks',
            'You can use 109 L of 127 L.',
            'Brim full, the water weighs 121 kg. It lasts 0.7 days as the tanks travel; the stay is 3 days.',
        ];
        yield 'a can at serviced sites' => [
            'van',
            '{"op":"replace","path":"/use/crew","value":1},{"op":"replace","path":"/use/stay","value":"sites"}',
            'use',
            'Carry 48 L for 3 days.',
            'You use 14 L a day; 52 % of it goes on “Shower”. You will probably need between 32 L and 63 L. Drinking water is separate: 8.3 L. There is a tap nearby every day: a 20 L can filled daily would do.',
        ];
        yield 'a nose that grows light' => [
            'trailer',
            '{"op":"replace","path":"/load/loads/0/x_m","value":5.2},{"op":"replace","path":"/load/loads/0/kg","value":80},{"op":"replace","path":"/tanks/0/x_m","value":1.7}',
            'load',
            'The nose carries only 2.9 % of the trailer with empty tanks.',
            'Below 5 % the trailer sways, and filling more or less does not help. Move weight forward.',
        ];
        yield 'a boat without stability' => [
            'boat',
            '{"op":"replace","path":"/load/rig/gm_m","value":0.05},{"op":"replace","path":"/tanks/0/width_mm","value":2000}',
            'load',
            'There is no stability left: −105 mm.',
            'That is her metacentric height with empty tanks, with the free surface of the slack tanks taken off. Fit narrower tanks, or put weight lower, before asking how full.',
        ];
        yield 'usable' => [
            'fellside',
            '',
            'tanks',
            'You can use 109 L of 127 L.',
            'Brim full, the water weighs 121 kg. It lasts 2.3 days; the stay is 3 days.',
        ];
        yield 'a line too weak for two' => [
            'fellside',
            '',
            'line',
            'The shower gets only 3.6 L/min with the others open.',
            'It needs 4.0 L/min. On its own it gets 6.6 L/min.',
        ];
        yield 'a line by its own fall' => [
            'bothy',
            '',
            'line',
            'The basin tap gets 2.6 L/min; every outlet gets enough on its own.',
            'Of all outlets it is the nearest to its need, 1.0 L/min. On its own: driven by gravity alone; with all outlets open it gets 2.5 L/min.',
        ];
        yield 'a line that mains would break' => [
            'prompt-side',
            '',
            'line',
            'Pressure at Tap for the set can reach 978 kPa.',
            'It is rated for 600 kPa. On its own, the shower gets 8.4 L/min.',
        ];
        yield 'a tap with enough flow and too little pressure' => [
            'bothy',
            '{"op":"replace","path":"/line/parts/3/figures/least_kpa","value":30}',
            'line',
            'The bench tap has only 3 kPa of pressure.',
            'It needs 30 kPa. The flow, 4.1 L/min, is enough.',
        ];
        yield 'no line' => [
            'van',
            '',
            'line',
            'No tap yet for the 95 L you need.',
            'Start with a system type: each is a working line from your tanks that you can change as you like.',
        ];
        yield 'no tank' => [
            'van',
            self::NO_TANKS,
            'tanks',
            'No tank yet for the 95 L you need.',
            'Add a tank or a can, enter its measured sizes, and drag it to its place.',
        ];
    }

    #[DataProvider('answers')]
    public function testAStageAnswersInOneSentence(string $plan, string $patch, string $stage, string $sentence, string $reason): void
    {
        $answer = self::assessed($plan, $patch)->stages->{$stage}->answer;
        self::assertSame([$sentence, $reason], [self::plain($answer->before.$answer->figure.$answer->after), self::plain($answer->reason)]);
    }

    /** What an answer says is what its figure says where it is listed, with the axles’ limits at a half to all of what they are. */
    public function testAnAnswerAndItsFigureReadAlike(): void
    {
        $seen = [];
        foreach (range(0.5, 1.0, 0.05) as $part) {
            $file = Json::decode(SamplePlans::fellsideFile());
            foreach ($file->load->rig->axles as $axle) {
                $axle->limit_kg *= $part;
            }
            $assessed = Json::decode(Json::encode(Assessor::assess(Plan::read($file))));
            foreach ((array) $assessed->stages as $stage => $sheet) {
                $figure = $assessed->figures->{$sheet->answer->figure_id};
                self::assertSame($figure->text, $sheet->answer->figure, \sprintf('%s, %.2f', $stage, $part));
                $seen[] = $figure->id;
            }
        }
        self::assertContains('load.max_fill', $seen);
    }

    /** @return iterable<string, array{string, string, list<string>}> plan, patch, the cells */
    public static function glasses(): iterable
    {
        yield 'a van in trouble' => ['fellside', '', [
            'Carried: 109 L of 127 L needed, fix',
            'Lasts: 2.3 days of 3 days, fix',
            'Drinking: 20 L of 17 L',
            'Payload left: −38 kg rear axle, on the road, stop',
            'Left against right: 138 kg more on the right, when the water is used up',
            'Worst outlet: 6.6 L/min Shower',
            'Pump starts: 183  an hour at a trickle', 'Joints that hold: 54  of 54',
        ]];
        yield 'a trailer' => ['trailer', '', [
            'Carried: 100 L of 95 L needed',
            'Lasts: 3.1 days of 3 days',
            'Drinking: 20 L of 17 L',
            'Payload left: 26 kg nose, on the road',
            'Nose share: 6.3 % of the trailer, on the road',
        ]];
        yield 'a boat that lies to port' => ['boat', '{"op":"replace","path":"/tanks/0/y_m","value":-0.9}', [
            'Carried: 101 L of 95 L needed',
            'Lasts: 3.1 days of 3 days',
            'Drinking: 20 L of 17 L',
            'Payload left: 501 kg load limit, under way',
            'Heel: 2.2 ° to port, under way',
        ]];
        yield 'nothing drawn, nothing carried' => ['van', '{"op":"replace","path":"/use/uses","value":[]},'.self::NO_TANKS, [
            'Carried: 0 L of 0 L needed',
            'Payload left: 373 kg front axle, on the road',
            'Left against right: 0 kg even',
        ]];
    }

    /** @param list<string> $cells */
    #[DataProvider('glasses')]
    public function testTheSightGlassShowsWhatTradesAgainstWhat(string $plan, string $patch, array $cells): void
    {
        self::assertSame(
            $cells,
            array_map(
                static fn (\stdClass $cell): string => self::plain(
                    $cell->label.': '.$cell->figure.' '.$cell->symbol.' '.$cell->beside.(isset($cell->severity) ? ', '.$cell->severity : ''),
                ),
                self::assessed($plan, $patch)->glass,
            ),
        );
    }

    /** @return list<array{string, string, string, string}> patch, and the state of each stage's valve */
    public static function valves(): array
    {
        $weighed = '{"op":"add","path":"/load/rig/axles/0/weighed_kg","value":1400}';

        return [
            ['', 'half', 'shut', 'half'],
            [$weighed.',{"op":"replace","path":"/load/travel_fill","value":0.2}', 'half', 'open', 'half'],
            [
                '{"op":"replace","path":"/load/rig/axles/1/limit_kg","value":2000},{"op":"replace","path":"/tanks/0/ports/3/up_mm","value":22.5}',
                'half',
                'half',
                'open',
            ],
            [
                $weighed.',{"op":"replace","path":"/use/days","value":2},{"op":"replace","path":"/use/stay","value":"mixed"},{"op":"replace","path":"/load/travel_fill","value":0.2}',
                'open',
                'open',
                'half',
            ],
        ];
    }

    #[DataProvider('valves')]
    public function testAValveIsShutByAStopAndHalfOpenWhenSomethingWillNotWork(string $patch, string $use, string $load, string $tanks): void
    {
        $stages = self::assessed('fellside', $patch)->stages;
        self::assertSame([$use, $load, $tanks], [$stages->use->valve, $stages->load->valve, $stages->tanks->valve]);
    }

    public function testTheCautionsStandWhereTheWorkCanHurtAndNameWhoDecides(): void
    {
        foreach (['fellside' => ['health authority', 'weighbridge', 'licensed', 'gas lines'], 'boat' => ['health authority', 'naval architect', 'licensed']] as $plan => $words) {
            $cautions = implode(
                ' ',
                array_merge(
                    ...array_map(static fn (\stdClass $stage): array => $stage->cautions, array_values((array) self::assessed($plan, '')->stages)),
                ),
            );
            foreach ($words as $word) {
                self::assertStringContainsString($word, $cautions);
            }
        }
    }

    public function testReadingsHoldEveryMeasuredFieldAsItStandsInItsInput(): void
    {
        $assessed = self::assessed('fellside', '{"op":"replace","path":"/units/length","value":"in"}');
        $readings = $assessed->readings;
        $words = static fn (string $pointer): array => (array) $assessed->fields[$readings->{$pointer}->field];
        self::assertSame('37 3/8', $readings->{'/tanks/0/length_mm'}->text);
        self::assertSame(['label' => 'Length, along', 'symbol' => 'in', 'group' => '', 'optional' => false, 'stage' => 'tanks'], $words('/tanks/0/length_mm'));
        self::assertSame($readings->{'/tanks/0/length_mm'}->field, $readings->{'/tanks/1/length_mm'}->field, 'What is said beside both stands once.');
        self::assertSame('30 11/16 left', $readings->{'/tanks/0/y_m'}->text);
        self::assertSame(['From front axle', '14 ft 6'], [$words('/tanks/0/x_m')['label'], $readings->{'/tanks/0/x_m'}->text]);
        self::assertSame(['10', '%'], [$readings->{'/use/reserve'}->text, $words('/use/reserve')['symbol']]);
        self::assertSame(['2', ''], [$readings->{'/use/crew'}->text, $words('/use/crew')['symbol']]);
        self::assertSame('', $readings->{'/load/rig/axles/0/weighed_kg'}->text);
        self::assertSame(['Axle, weighed', 'kg', 'Weighbridge', true, 'load'], array_values($words('/load/rig/axles/0/weighed_kg')));
        self::assertObjectNotHasProperty('/name', $readings);
    }

    private static function assessed(string $plan, string $patch): \stdClass
    {
        $base = SamplePlans::all()[$plan];
        $assessed = Json::decode(Json::encode(Assessor::assess(Plan::read(SamplePlans::patched($base, '['.$patch.']')))));
        self::assertInstanceOf(\stdClass::class, $assessed);

        return $assessed;
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
