<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFinding;
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
        yield 'too little' => ['', 'use.short', '18 L short of 3 days', 'The stay needs 127 L with its reserve of 10 %; the tanks give 109 L, which lasts 2.3 days.', '109.3 of 127.1 L', ['Shower for 1.5 min instead of 3 min', 'Fill every 2 days', 'Make Tail tank 1 110 mm long | But then: the rear axle is 61 kg over its limit; the whole rig may be over: it is an estimate; pulling away, water leaves by Vent of Tail tank.', 'Add one 20 L can | But then: the rear axle is 51 kg over its limit; the whole rig may be over: it is an estimate.']];
        yield 'no drinking' => ['{"op":"remove","path":"/use/uses/0"}', 'use.drinking-missing', 'Drinking is not provided for', 'No use is for drinking. At 2.5 L a person and day, this stay wants 15 L.', '0.0 of 15.0 L', ['Add drinking, kept apart', 'Add drinking, from the main tank | But then: 34 L short of 3 days.']];
        yield 'too few cans' => [$set('/use/days', '5'), 'use.drinking-short', '7.5 L short of drinking water', '28 L are to be kept apart for drinking; the cans for it hold 20 L.', '20.0 of 27.5 L', []];
        yield 'no can at all' => ['{"op":"remove","path":"/tanks/1"}', 'use.drinking-short', 'Nothing holds the drinking water', '17 L are to be kept apart for drinking; there is no can for it.', '0.0 of 16.5 L', []];
        yield 'a can would do' => [$set('/use/uses/4/times', '0').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0').','.$set('/use/days', '1'), 'use.can-enough', 'A can would do', 'The whole stay needs 14 L. A 20 L can holds that, weighs nothing on the chassis and is filled at any tap.', '14.3 of 20.0 L', ['A 20 L can instead of Tail tank']];
        yield 'a can would do, filled every day' => [$set('/use/uses/4/times', '0').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0').','.$set('/use/stay', '"sites"'), 'use.can-enough', 'A can would do, filled every day', 'At serviced sites a tap is near every day, and a day takes 14 L at most. A 20 L can holds that.', '14.3 of 20.0 L', ['A 20 L can instead of Tail tank, filled every day']];
        yield 'nothing fills it up on arrival' => [$set('/load/travel_fill', '0.5'), 'use.short', '78 L short of 3 days', 'The stay needs 127 L with its reserve of 10 %; as it travels 49 L can be drawn, and nothing fills the tanks up on arrival, which lasts 0.3 days.', '48.7 of 127.1 L', []];
        yield 'where it drains to is gone' => [$set('/use/uses/2/drains_to', '"gone"'), 'use.drain-missing', 'Dishes drains into no tank', 'It is to drain into “gone”, which is no tank that takes waste.', '0.0 of 1.0 ', ['Let it run outside', 'Drain it into Waste tank | But then: right wheels carry 138 kg more when the water is used up.']];
        yield 'over on the road' => ['', 'load.rear-over', 'The rear axle is 38 kg over its limit', 'The rear axle at 1 888 kg, allowed 1 850 kg; 162 kg of that is water.', '1887.5 of 1850.0 kg', ['Move Boots, hose, flags 1 300 mm forward', 'Move Race table, clock, first aid 1 600 mm forward', 'Move Tail tank 1 400 mm forward, out of Tail locker | But then: pulling away, water leaves by Vent of Tail tank.', 'Travel with 51 L | But then: 88 L short of 3 days; do not drive with more than 51 L.']];
        yield 'over without water' => [$set('/load/rig/axles/1/limit_kg', '1700'), 'load.rear-over', 'The rear axle is 188 kg over its limit', 'The rear axle at 1 888 kg, allowed 1 700 kg. It is over even without water, so something else must move or stay at home.', '1887.5 of 1700.0 kg', []];
        yield 'over when full' => [$set('/load/travel_fill', '0.5'), 'load.rear-over-full', 'Do not drive with more than 51 L', 'Brim full, the rear axle is at 1 888 kg of 1 850 kg. Fill up on arrival, standing.', '1887.5 of 1850.0 kg', ['Move Boots, hose, flags 1 300 mm forward', 'Move Race table, clock, first aid 1 600 mm forward', 'Move Tail tank 1 400 mm forward, out of Tail locker | But then: pulling away, water leaves by Vent of Tail tank.', 'Make Tail tank 400 mm long | But then: 107 L short of 3 days.']];
        yield 'over when the water is used up' => [$set('/load/travel_fill', '0.5').','.$set('/tanks/2/x_m', '-0.3').','.$set('/load/rig/axles/0/limit_kg', '1610'), 'load.front-over', 'The front axle is 20 kg over its limit when the water is used up', 'The front axle at 1 630 kg when the water is used up, allowed 1 610 kg. It is over even without water, so something else must move or stay at home.', '1629.6 of 1610.0 kg', []];
        yield 'filled again with the waste aboard' => ['', 'load.over-refilled', 'Empty the waste before filling up again', 'Filled again with the waste of the last stay still aboard, the whole rig is 12 kg over its limit of 3 500 kg.', '3511.9 of 3500.0 kg', []];
        yield 'an estimate that may hide more' => ['', 'load.estimate-tight', 'The whole rig may be over: it is an estimate', '46 kg are left on the road, but an estimate of 1 455 kg is easily 116 kg out. Weigh the rig, or travel with less.', '46.3 of 116.4 kg', []];
        yield 'not weighed' => ['', 'load.not-weighed', 'Not weighed: these are estimates', '1 455 kg are taken from lists, not from a weighbridge. Such figures are easily 116 kg out, so every load here may be too.', '0.0 of 116.4 kg', []];
        yield 'little left' => ['', 'load.reserve-thin', 'Only 46 kg of payload left', 'The whole rig stands at 3 454 kg of 3 500 kg. Shopping, wet gear and one more passenger have to fit into what is left; keep 105 kg or more.', '46.3 of 105.0 kg', []];
        yield 'one side heavier' => ['', 'load.side-difference', 'Right wheels carry 138 kg more when the water is used up', 'That is more than 4 % of the whole (135 kg). The rig leans and wears its tyres unevenly.', '137.9 of 135.3 kg', ['Move Boots, hose, flags to 10 mm left', 'Move Race table, clock, first aid to 240 mm left']];
        yield 'a person without a seat' => [$set('/use/crew', '3'), 'load.seat-missing', 'One of three people has no seat', 'They are counted at 80 kg each, in the middle of the others. Give each a seat with its place and weight.', '2.0 of 3.0 ', []];
        yield 'a load beside the rig' => [$set('/load/loads/0/y_m', '1.3'), 'load.outside', 'Bunk and bedding is not in the rig', 'Its middle lies 300 mm beside the rig.', '300.0 of 0.0 mm', ['Put Bunk and bedding inside']];
        yield 'an outlet too high' => ['', 'tanks.outlet-high', '12 L below the outlet are never used', 'The outlet of Tail tank stands 34 mm above its floor: 9 % of the tank is carried and never drawn, and stands stale.', '0.1 of 0.1 ', ['Outlet at 14 mm']];
        yield 'an overflow too low' => [$set('/tanks/0/overflow_height_mm', '300'), 'tanks.overflow-low', '21 L above the overflow stay empty', 'Tail tank overflows at 300 mm of 360 mm: 17 % of it takes room and holds air.', '0.2 of 0.1 ', []];
        yield 'out of its bay' => [$set('/load/rig/axles/1/limit_kg', '2200').','.$set('/tanks/0/x_m', '4').','.$set('/tanks/0/y_m', '-0.8'), 'tanks.out-of-bay', 'Tail tank reaches out of Tail locker', 'It stands 25 mm beyond its front and 15 mm beyond its left side.', '25.0 of 0.0 mm', ['Move Tail tank 165 mm back and 15 mm to right']];
        yield 'larger than its bay' => [$set('/tanks/0/length_mm', '1460'), 'tanks.out-of-bay', 'Tail tank reaches out of Tail locker', 'It stands 200 mm beyond its rear. It fits nowhere in it: with one wall 200 mm further out it would.', '200.0 of 0.0 mm', ['Make Tail tank 1 210 mm long | But then: the whole rig may be over: it is an estimate; empty the waste before filling up again; only 13 kg of payload left.']];
        yield 'in the wheel arch' => [$set('/load/rig/axles/1/limit_kg', '2200').','.$set('/tanks/0/x_m', '4.1'), 'tanks.obstructed', 'Tail tank runs into Wheel arch', 'They take up the same space: 65 mm are missing where they could most easily be parted.', '65.0 of 0.0 mm', ['Move Tail tank 65 mm back']];
        yield 'too large for the opening' => [$set('/bays/0/opening_height_mm', '350'), 'tanks.opening-small', 'Tail tank cannot be got into Tail locker', 'Its rear opens 400 mm × 350 mm; however the tank is turned, 10 mm are missing.', '10.0 of 0.0 mm', []];
        yield 'through the rear wall' => [$set('/tanks/0/x_m', '4.7'), 'tanks.outside', 'Tail tank stands outside the rig', 'It reaches 225 mm beyond the rear.', '225.0 of 0.0 mm', ['Move Tail tank forward to the rear wall']];
        yield 'through the floor' => [$set('/tanks/0/z_m', '0.5'), 'tanks.through-floor', 'Tail tank reaches through the floor', 'It stands from 500 mm to 860 mm above the ground, and the floor lies at 620 mm.', '120.0 of 0.0 mm', ['Hang Tail tank under the floor, out of Tail locker', 'Stand Tail tank on the floor']];
        yield 'nearly on the road' => [$set('/tanks/2/z_m', '0.1'), 'tanks.too-low', 'Waste tank hangs too low', 'Its underside is 100 mm above the ground; kerbs and stones want 180 mm, loaded.', '100.0 of 180.0 mm', ['Hang Waste tank under the floor', 'Stand Waste tank on the floor, out of Right underfloor bay']];
        yield 'in another tank' => [$set('/tanks/2/z_m', '0.62').','.$set('/tanks/2/y_m', '-0.7'), 'tanks.collide', 'Waste tank stands in Drinking cans', 'They overlap by 180 mm where they could most easily be parted.', '180.0 of 0.0 mm', ['Move Waste tank to a free place in Right underfloor bay | But then: right wheels carry 136 kg more when the water is used up.']];
        yield 'more waste than it holds' => [$set('/use/days', '5'), 'tanks.waste-small', 'Waste tank is full before the stay is over', '103 L drain into it in 5 days, and it holds 69 L. It must be emptied on the way, or be larger.', '102.5 of 69.1 L', ['Make Waste tank 1 070 mm long, out of Right underfloor bay']];
        yield 'far too large' => [$set('/use/days', '1').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0'), 'tanks.oversized', 'Larger than any use of it', 'The tanks give 109 L; even a thirsty stay takes 39 L. The rest is carried for nothing, and water that is not turned over goes stale.', '109.3 of 58.1 L', ['Make Tail tank 340 mm long']];
    }

    /** @param list<string> $fixes */
    #[DataProvider('findings')]
    public function testSaysWhatIsWrongWhyAndWhatToDo(string $patch, string $code, string $title, string $why, string $measure, array $fixes): void
    {
        $findings = Assessor::assess(Plan::read(SamplePlans::patched(SamplePlans::fellside(), '['.$patch.']')))->findings;
        $finding = array_values(array_filter($findings, static fn (SentFinding $one): bool => $code === $one->code))[0] ?? self::fail('Made are: '.implode(', ', array_column($findings, 'code')));
        self::assertSame([$title, $why], [self::plain($finding->title), self::plain($finding->why)]);
        self::assertSame($measure, \sprintf('%.1f of %.1f %s', $finding->measure->value, $finding->measure->limit, $finding->measure->unit));
        self::assertSame($fixes, array_map(static fn (Fix $fix): string => self::plain($fix->label.(null === $fix->cost ? '' : ' | '.$fix->cost)), $finding->fixes));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
