<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Assessor;
use YardCask\Core\Tests\SamplePlans;

/** What findings say about the demonstration plan and changes of it: the title, the reason in its own numbers, the measure, the fixes. */
final class FindingWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, string, list<string>}> patch, code, title, why, measure, fixes */
    public static function findings(): iterable
    {
        $set = static fn (string $path, string $value): string => '{"op":"replace","path":"'.$path.'","value":'.$value.'}';
        yield 'too little' => [
            '',
            'use.short',
            'You are 18 L short for 3 days',
            'The stay needs 127 L with its 10 % reserve. The tanks give 109 L: enough for 2.3 days.',
            '109.3 of 127.1 L',
            [
                'Cut “Shower” from 3 min to 1.5 min',
                'Plan “Shower” 0.3 times a day instead of 0.5',
                'Fill up every 2 days',
                'Make Tail tank 1 110 mm long | It would also mean: pulling away, water leaves through Vent of Tail tank. Worse: the rear axle is 61 kg over its limit on the road; the whole rig may be over its limit: the weights are estimated; only 25 kg of payload is left.',
                'Add a 20 L can | Worse: the rear axle is 51 kg over its limit on the road; the whole rig may be over its limit: the weights are estimated; only 24 kg of payload is left.',
            ],
        ];
        yield 'no drinking' => [
            '{"op":"remove","path":"/use/uses/0"}',
            'use.drinking-missing',
            'There is no drinking water in the plan',
            'No use is for drinking. At 2.5 L per person per day, this stay needs 15 L.',
            '0.0 of 15.0 L',
            ['Add separate drinking water', 'Add drinking from the main tank | Worse: you are 34 L short for 3 days.'],
        ];
        yield 'too few cans' => [
            $set('/use/days', '5'),
            'use.drinking-short',
            'You are 7.5 L short of drinking water',
            'The crew needs 28 L of separate drinking water; the cans for it give 20 L.',
            '20.0 of 27.5 L',
            ['Add a 10 L drinking can | Worse: the rear axle is 44 kg over its limit on the road; the whole rig may be over its limit: the weights are estimated; only 34 kg of payload is left.'],
        ];
        yield 'no can at all' => [
            '{"op":"remove","path":"/tanks/1"}',
            'use.drinking-short',
            'There is nothing to hold the drinking water',
            'The crew needs 17 L of separate drinking water, and there is no can for it.',
            '0.0 of 16.5 L',
            [],
        ];
        yield 'a can would do' => [
            $set('/use/uses/4/times', '0').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0').','.$set('/use/days', '1'),
            'use.can-enough',
            'A can would do',
            'The whole stay needs 14 L. One 20 L can holds that, comes out to be filled at any tap, and needs no plumbing under the floor.',
            '14.3 of 20.0 L',
            ['Carry a 20 L can instead of Tail tank'],
        ];
        yield 'a can would do, filled every day' => [
            $set('/use/uses/4/times', '0').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0').','.$set('/use/stay', '"sites"'),
            'use.can-enough',
            'A can would do, filled every day',
            'Serviced sites have a tap every day, and a day needs 14 L at most. One 20 L can holds that.',
            '14.3 of 20.0 L',
            ['Carry a 20 L can instead of Tail tank, filled daily'],
        ];
        yield 'nothing fills it up on arrival' => [
            $set('/load/travel_fill', '0.5'),
            'use.short',
            'You are 78 L short for 3 days',
            'The stay needs 127 L with its 10 % reserve. You can draw 49 L from the tanks as they travel, and there is no tap to fill them on arrival: enough for 0.3 days.',
            '48.7 of 127.1 L',
            [],
        ];
        yield 'where it drains to is gone' => [
            $set('/use/uses/2/drains_to', '"gone"'),
            'use.drain-missing',
            'There is no tank for the water from “Dishes”',
            'The tank that it drained into is no longer in the plan, or is not for waste water.',
            '0.0 of 1.0 ',
            ['Drain it outside', 'Drain it into Waste tank | It would also mean: the right wheels carry 138 kg more when the water is used up.'],
        ];
        yield 'over on the road' => [
            '',
            'load.rear-over',
            'The rear axle is 38 kg over its limit on the road',
            'It carries 1 888 kg; its limit is 1 850 kg. 162 kg of that is water.',
            '1887.5 of 1850.0 kg',
            [
                'Move Boots, hose, flags 1 300 mm forward',
                'Move Race table, clock, first aid 1 600 mm forward',
                'Travel with 50 L | It would also mean: drive with 50 L at most. Worse: you are 89 L short for 3 days.',
            ],
        ];
        yield 'over without water' => [
            $set('/load/rig/axles/1/limit_kg', '1700'),
            'load.rear-over',
            'The rear axle is 188 kg over its limit on the road',
            'It carries 1 888 kg; its limit is 1 700 kg. It is over even without water, so something else has to move or stay at home.',
            '1887.5 of 1700.0 kg',
            [],
        ];
        yield 'over when full' => [
            $set('/load/travel_fill', '0.5'),
            'load.rear-over-full',
            'Drive with 50 L at most',
            'Brim full, the rear axle would carry 1 888 kg; its limit is 1 850 kg. Fill up once parked, on arrival.',
            '1887.5 of 1850.0 kg',
            [
                'Move Boots, hose, flags 1 300 mm forward',
                'Move Race table, clock, first aid 1 600 mm forward',
                'Make Tail tank 390 mm long | Worse: you are 107 L short for 3 days.',
            ],
        ];
        yield 'over when the water is used up' => [
            $set('/load/travel_fill', '0.5').','.$set('/tanks/2/x_m', '-0.3').','.$set('/load/rig/axles/0/limit_kg', '1610'),
            'load.front-over',
            'The front axle is 21 kg over its limit when the water is used up',
            'It carries 1 631 kg; its limit is 1 610 kg. With the waste of the stay emptied first, it would not be over.',
            '1631.0 of 1610.0 kg',
            ['Empty the waste tank first | It would also mean: the front axle may be over its limit: the weights are estimated.'],
        ];
        yield 'filled again with the waste aboard' => [
            '',
            'load.over-refilled',
            'Empty the waste before you fill up again',
            'Filled up again with the last stay’s waste still aboard, the whole rig is 13 kg over its limit of 3 500 kg.',
            '3513.3 of 3500.0 kg',
            [],
        ];
        yield 'an estimate that may hide more' => [
            '',
            'load.estimate-tight',
            'The whole rig may be over its limit: the weights are estimated',
            '45 kg is left on the road, but an estimate of 1 442 kg can easily be 115 kg out. Weigh the rig, or carry less.',
            '44.9 of 115.4 kg',
            [],
        ];
        yield 'not weighed' => [
            '',
            'load.not-weighed',
            'These weights are estimates',
            '1 442 kg comes from lists, not from a weighbridge. Such figures can easily be 115 kg out, and so can every load here.',
            '0.0 of 115.4 kg',
            [],
        ];
        yield 'little left' => [
            '',
            'load.reserve-thin',
            'Only 45 kg of payload is left',
            'The whole rig is at 3 455 kg of 3 500 kg. Shopping, wet gear and one more passenger have to fit into what is left: keep 105 kg or more.',
            '44.9 of 105.0 kg',
            [],
        ];
        yield 'one side heavier' => [
            '',
            'load.side-difference',
            'The right wheels carry 138 kg more when the water is used up',
            '135 kg, which is 4 % of the whole rig, is the most it should be. The rig leans and wears its tyres unevenly.',
            '137.9 of 135.4 kg',
            ['Empty the waste tank first', 'Move Boots, hose, flags to 10 mm left', 'Move Race table, clock, first aid to 240 mm left', 'Move Bunk and bedding to 540 mm left'],
        ];
        yield 'a person without a seat' => [
            $set('/use/crew', '3'),
            'load.seat-missing',
            '1 of 3 people has no seat',
            'People without a seat count as 80 kg each, in the middle of the others. Give each of them a seat with its place and weight.',
            '2.0 of 3.0 ',
            ['Add a seat | Worse: the rear axle is 68 kg over its limit on the road.'],
        ];
        yield 'a load beside the rig' => [
            $set('/load/loads/0/y_m', '1.3'),
            'load.outside',
            'Bunk and bedding is outside the rig',
            'Its middle is 300 mm past the side.',
            '300.0 of 0.0 mm',
            ['Put Bunk and bedding inside'],
        ];
        $own = '{"op":"add","path":"/use/uses/4/outlet","value":"shower-1"},{"op":"add","path":"/use/uses/4/own_flow","value":true}';
        yield 'a shower planned at less than its head gives' => [
            $own,
            'use.flow-differs',
            '“Shower” is planned at 4.5 L/min, and the shower gives 6.6 L/min',
            'Fully open it takes 19 L more over the stay. If you mean to turn it down to 4.5 L/min, nothing needs changing.',
            '4.5 of 6.6 L/min',
            [
                'Use 6.6 L/min, what the shower gives | It would also mean: Waste tank is full before anybody empties it. Worse: you are 38 L short for 3 days.',
            ],
        ];
        yield 'a shower planned at more than its head gives' => [
            $own.','.$set('/use/uses/4/flow_lpm', '9'),
            'use.flow-differs',
            '“Shower” is planned at 9.0 L/min, and the shower gives 6.6 L/min',
            'It cannot give more, and the stay takes 22 L less.',
            '9.0 of 6.6 L/min',
            ['Use 6.6 L/min, what the shower gives'],
        ];
        yield 'a use drawn from an outlet that is gone' => [
            '{"op":"add","path":"/use/uses/4/outlet","value":"gone"}',
            'use.outlet-missing',
            'The outlet for “Shower” is not in the line',
            'The part that it was drawn from has been removed, or is no outlet. Until you choose another, it is counted at 4.5 L/min.',
            '0.0 of 1.0 ',
            [
                'Name no outlet for it',
                'Draw it from the shower | It would also mean: Waste tank is full before anybody empties it. Worse: you are 38 L short for 3 days.',
                'Draw it from the galley mixer | It would also mean: Waste tank is full before anybody empties it. Worse: you are 48 L short for 3 days.',
                'Draw it from the basin tap | It would also mean: Waste tank is full before anybody empties it. Worse: you are 38 L short for 3 days.',
                'Draw it from the boot hose | It would also mean: Waste tank is full before anybody empties it. Worse: you are 59 L short for 3 days.',
            ],
        ];
        yield 'a shower and no shower to stand under' => [
            '{"op":"replace","path":"/line","value":{"parts":[{"id":"tap","name":"Tap","kind":"tap","rating_kpa":600,"rating_c":60,"food_grade":true,"weight_kg":0.3,"price":20,"figures":{"family":"outlet","open_lpm":6,"least_lpm":3,"most_lpm":6,"least_kpa":0},"z_m":1.5,"reversed":false}],"pipes":[]}}',
            'use.shower-missing',
            'There is no shower in the line',
            '35 % of the water goes on “Shower”, and no outlet is a shower.',
            '0.0 of 1.0 ',
            ['Remove Shower'],
        ];
        yield 'a hose screwed to a fill whose vent is thin' => [
            $set('/runs/0/end', '"valve"').','.$set('/tanks/0/ports/1/bore_mm', '8'),
            'tanks.vent-thin',
            'A hose left on bulges Tail tank',
            'Once the tank is full, 15 L/min has to leave through its openings. That puts 53 kPa on the lid, and the walls are assumed to hold 10 kPa. A blocked vent does the same from the first litre, and lets the pump suck the walls in.',
            '53.3 of 10.0 kPa',
            ['Use a bore of 13 mm for Vent of Tail tank', 'Turn the hose down to 5.0 L/min'],
        ];
        yield 'cans that nobody pours' => [
            $set('/tanks/1/poured', 'false'),
            'tanks.unjoined',
            'Nothing draws on Drinking cans',
            'No tap gets their 20 L, and they are not poured by hand. The water counts as weight, not as supply.',
            '20.0 of 0.0 L',
            ['Pour Drinking cans by hand | It would also mean: the right wheels carry 138 kg more when the water is used up.'],
        ];
        yield 'drinking water that nobody pours' => [
            $set('/tanks/1/poured', 'false'),
            'use.drinking-short',
            'You are 17 L short of drinking water',
            'The crew needs 17 L of separate drinking water; the cans for it give 0 L.',
            '0.0 of 16.5 L',
            [
                'Pour Drinking cans by hand | It would also mean: the right wheels carry 138 kg more when the water is used up.',
                'Add 2 drinking cans of 10 L | Worse: the rear axle is 51 kg over its limit on the road; the whole rig may be over its limit: the weights are estimated; only 24 kg of payload is left.',
                'Drink from the main tank | Worse: you are 34 L short for 3 days.',
            ],
        ];
        yield 'a tank that no pipe reaches' => [
            '{"op":"remove","path":"/line/pipes/0"}',
            'tanks.unjoined',
            'Nothing draws on Tail tank',
            'No tap gets its 109 L, whatever the valve settings. Its water counts as weight, not as supply.',
            '109.3 of 0.0 L',
            [],
        ];
        yield 'a shortage because no pipe reaches the tank' => [
            '{"op":"remove","path":"/line/pipes/0"}',
            'use.short',
            'You are 127 L short for 3 days',
            'The stay needs 127 L with its 10 % reserve. The tanks give 0 L: enough for 0 days.',
            '0.0 of 127.1 L',
            [],
        ];
        yield 'an outlet too high' => [
            '',
            'tanks.outlet-high',
            '12 L below the outlet can never be used',
            'The outlet of Tail tank is 34 mm above its floor. You carry 9 % of the tank and never draw it, and it goes stale.',
            '0.1 of 0.1 ',
            ['Move the outlet to 14 mm | Worse: the right wheels carry 146 kg more when the water is used up.'],
        ];
        yield 'an overflow too low' => [
            $set('/tanks/0/overflow_height_mm', '300'),
            'tanks.overflow-low',
            '21 L above the overflow stays empty',
            'Tail tank is 360 mm high and overflows at 300 mm: 17 % of it takes up room and holds only air.',
            '0.2 of 0.1 ',
            [],
        ];
        yield 'out of its bay' => [
            $set('/load/rig/axles/1/limit_kg', '2200').','.$set('/tanks/0/x_m', '4').','.$set('/tanks/0/y_m', '-0.8'),
            'tanks.out-of-bay',
            'Tail tank sticks out of Tail locker',
            'It reaches 25 mm past the front wall and 15 mm past the left side.',
            '25.0 of 0.0 mm',
            ['Move Tail tank 165 mm back and 15 mm to the right'],
        ];
        yield 'larger than its bay' => [
            $set('/tanks/0/length_mm', '1460'),
            'tanks.out-of-bay',
            'Tail tank sticks out of Tail locker',
            'It reaches 200 mm past the rear wall. It fits nowhere in the bay, but would with one wall 200 mm further out.',
            '200.0 of 0.0 mm',
            [
                'Make Tail tank 1 210 mm long | It would also mean: the whole rig may be over its limit: the weights are estimated; empty the waste before you fill up again; only 12 kg of payload is left.',
            ],
        ];
        yield 'in the wheel arch' => [
            $set('/load/rig/axles/1/limit_kg', '2200').','.$set('/tanks/0/x_m', '4.1'),
            'tanks.obstructed',
            'Tail tank hits Wheel arch',
            'They overlap by 65 mm, measured in the direction in which they are easiest to move apart.',
            '65.0 of 0.0 mm',
            ['Move Tail tank 65 mm back'],
        ];
        yield 'too large for the opening' => [
            $set('/bays/0/opening_height_mm', '350'),
            'tanks.opening-small',
            'Tail tank does not go into Tail locker',
            'The opening at its rear is 400 mm × 350 mm. Whichever way you turn the tank, it is 10 mm too big.',
            '10.0 of 0.0 mm',
            [],
        ];
        yield 'through the rear wall' => [
            $set('/tanks/0/x_m', '4.7'),
            'tanks.outside',
            'Tail tank is partly outside the rig',
            'It reaches 225 mm past the rear.',
            '225.0 of 0.0 mm',
            ['Move Tail tank 275 mm forward'],
        ];
        yield 'through the floor' => [
            $set('/tanks/0/z_m', '0.5'),
            'tanks.through-floor',
            'Tail tank goes through the floor',
            'It reaches from 500 mm to 860 mm above the ground, and the floor is at 620 mm.',
            '120.0 of 0.0 mm',
            ['Move Tail tank 120 mm up'],
        ];
        yield 'nearly on the road' => [
            $set('/tanks/2/z_m', '0.1'),
            'tanks.too-low',
            'Waste tank hangs too low',
            'Its underside is 100 mm above the ground. Keep 180 mm when loaded, for kerbs and stones.',
            '100.0 of 180.0 mm',
            ['Move Waste tank 240 mm up', 'Move Waste tank into Right arch bay | It would also mean: Right arch bay is not measured yet. Worse: the rear axle is 40 kg over its limit on the road; the right wheels carry 156 kg more when the water is used up.'],
        ];
        yield 'in another tank' => [
            $set('/tanks/2/z_m', '0.62').','.$set('/tanks/2/y_m', '-0.7'),
            'tanks.collide',
            'Waste tank and Drinking cans are in the same place',
            'They overlap by 180 mm, measured in the direction in which they are easiest to move apart.',
            '180.0 of 0.0 mm',
            [
                'Move Waste tank to a free place in Right underfloor bay | It would also mean: the right wheels carry 136 kg more when the water is used up.', 'Move Waste tank into Right arch bay | It would also mean: the right wheels carry 156 kg more when the water is used up; Right arch bay is not measured yet. Worse: the rear axle is 40 kg over its limit on the road.',
            ],
        ];
        yield 'more waste than it holds' => [
            $set('/use/days', '5'),
            'tanks.waste-small',
            'Waste tank is full before anybody empties it',
            '103 L drains into it in 5 days, and it holds 69 L. Empty it sooner, or fit a larger one.',
            '102.5 of 69.1 L',
            ['Empty Waste tank every 3 days'],
        ];
        yield 'far too large' => [
            $set('/use/days', '1').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0'),
            'tanks.oversized',
            'You carry more water than you will ever use',
            'The tanks give 109 L, and even a generous stay needs only 39 L. You carry the rest for nothing, and water that is not used goes stale.',
            '109.3 of 58.1 L',
            ['Make Tail tank 340 mm long'],
        ];
    }

    /** @param list<string> $fixes */
    #[DataProvider('findings')]
    public function testSaysWhatIsWrongWhyAndWhatToDo(string $patch, string $code, string $title, string $why, string $measure, array $fixes): void
    {
        $findings = Assessor::assess(Plan::read(SamplePlans::patched(SamplePlans::fellside(), '['.$patch.']')))->findings;
        $finding = array_values(
            array_filter($findings, static fn (SentFinding $one): bool => $code === $one->code),
        )[0] ?? self::fail('Made are: '.implode(', ', array_column($findings, 'code')));
        self::assertSame([$title, $why], [self::plain($finding->title), self::plain($finding->why)]);
        self::assertSame($measure, \sprintf('%.1f of %.1f %s', $finding->measure->value, $finding->measure->limit, $finding->measure->unit));
        self::assertSame(
            $fixes,
            array_map(static fn (SentFix $fix): string => self::plain($fix->label.(null === $fix->cost ? '' : ' | '.$fix->cost)), $finding->fixes),
        );
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
