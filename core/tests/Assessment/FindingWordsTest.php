<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Assessment;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Assessor;
use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Tests\SamplePlans;

/** What findings say about the demonstration plan and changes of it: the title, the reason in its own numbers, the measure, the fixes. */
final class FindingWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, string, list<string>}> patch, code, title, why, measure, fixes */
    public static function findings(): iterable
    {
        $set = static fn (string $path, string $value): string => '{"op":"replace","path":"'.$path.'","value":'.$value.'}';
        yield 'too little' => ['', 'use.short', '18 L short of 3 days', 'The stay needs 127 L with its reserve of 10 %; the tanks give 109 L, which lasts 2.3 days.', '109.3 of 127.1 L', ['Shower for 1.5 min instead of 3 min', 'Make Tail tank 1 110 mm long', 'Add one 20 L can', 'Fill every 2 days']];
        yield 'no drinking' => ['{"op":"remove","path":"/use/uses/0"}', 'use.drinking-missing', 'Drinking is not provided for', 'No use is for drinking. At 2.5 L a person and day, this stay wants 15 L.', '0.0 of 15.0 L', ['Add drinking, kept apart', 'Add drinking, from the main tank']];
        yield 'too few cans' => [$set('/use/days', '5'), 'use.drinking-short', '7.5 L short of drinking water', '28 L are to be kept apart for drinking; the cans for it hold 20 L.', '20.0 of 27.5 L', ['Add one 10 L drinking can', 'Drink from the main tank']];
        yield 'no can at all' => ['{"op":"remove","path":"/tanks/2"},{"op":"remove","path":"/tanks/1"}', 'use.drinking-short', 'Nothing holds the drinking water', '17 L are to be kept apart for drinking; there is no can for it.', '0.0 of 16.5 L', ['Add two 10 L drinking cans', 'Drink from the main tank']];
        yield 'a can would do' => [$set('/use/uses/4/times', '0').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0').','.$set('/use/days', '1'), 'use.can-enough', 'A can would do', 'The whole stay needs 14 L. A 20 L can holds that, weighs nothing on the chassis and is filled at any tap.', '14.3 of 20.0 L', ['A 20 L can instead of Tail tank']];
        yield 'over on the road' => ['', 'load.rear-over', 'The rear axle is 33 kg over its limit', 'The rear axle at 1 883 kg, allowed 1 850 kg; 162 kg of that is water.', '1883.4 of 1850.0 kg', ['Travel with 96 L', 'Move Tail tank 850 mm forward', 'Move Boots, hose, flags 1 150 mm forward']];
        yield 'over without water' => [$set('/load/rig/rear/limit_kg', '1700'), 'load.rear-over', 'The rear axle is 183 kg over its limit', 'The rear axle at 1 883 kg, allowed 1 700 kg. It is over even without water, so something else must move or stay at home.', '1883.4 of 1700.0 kg', []];
        yield 'over when full' => [$set('/load/travel_fill', '0.5'), 'load.rear-over-full', 'Do not drive with more than 96 L', 'Brim full, the rear axle is at 1 883 kg of 1 850 kg. Fill up on arrival, standing.', '1883.4 of 1850.0 kg', ['Move Tail tank 850 mm forward', 'Move Boots, hose, flags 1 150 mm forward', 'Make Tail tank 750 mm long']];
        yield 'an estimate that may hide more' => ['', 'load.estimate-tight', 'The whole rig may be over: it is an estimate', '53 kg are left, but an estimate of 1 450 kg is easily 58 kg out. Weigh the rig, or travel with less.', '53.3 of 58.0 kg', ['Travel with 53 L']];
        yield 'not weighed' => ['', 'load.not-weighed', 'Not weighed: these are estimates', '1 450 kg are taken from lists, not from a weighbridge. Such figures are easily 58 kg out, so every load here may be too.', '0.0 of 58.0 kg', []];
        yield 'little left' => ['', 'load.reserve-thin', 'Only 53 kg of payload left', 'The rig travels at 3 447 kg of 3 500 kg. Shopping, wet gear and one more passenger have to fit into what is left; keep 105 kg or more.', '53.3 of 105.0 kg', ['Travel with 69 L']];
        yield 'one side heavier' => [$set('/load/loads/3/y_m', '-0.9'), 'load.side-difference', 'Left wheels carry 175 kg more', 'With full tanks that is more than 4 % of the whole (138 kg). The rig leans and wears its tyres unevenly.', '174.9 of 137.9 kg', ['Move Tail tank to 360 mm right', 'Move Boots, hose, flags to 650 mm right']];
        yield 'an outlet too high' => ['', 'tanks.outlet-high', '12 L below the outlet are never used', 'The outlet of Tail tank stands 34 mm above its floor: 9 % of the tank is carried and never drawn, and stands stale.', '0.1 of 0.1 ', ['Outlet at 14 mm']];
        yield 'an overflow too low' => [$set('/tanks/0/overflow_height_mm', '300'), 'tanks.overflow-low', '21 L above the overflow stay empty', 'Tail tank overflows at 300 mm of 360 mm: 17 % of it takes room and holds air.', '0.2 of 0.1 ', ['Overflow at 346 mm']];
        yield 'through the rear wall' => [$set('/tanks/0/x_m', '4.7'), 'tanks.outside', 'Tail tank stands outside the rig', 'It reaches 225 mm beyond the rear.', '225.0 of 0.0 mm', ['Move Tail tank forward to the rear wall']];
        yield 'in another tank' => [$set('/tanks/2/y_m', '-0.75'), 'tanks.collide', 'Drinking can, right stands in Drinking can, left', 'They overlap by 110 mm where they could most easily be parted.', '110.0 of 0.0 mm', ['Move Drinking can, right to a free place']];
        yield 'far too large' => [$set('/use/days', '1').','.$set('/use/uses/5/times', '0').','.$set('/use/uses/6/times', '0'), 'tanks.oversized', 'Larger than any use of it', 'The tanks give 109 L; even a thirsty stay takes 39 L. The rest is carried for nothing, and water that is not turned over goes stale.', '109.3 of 58.1 L', ['Make Tail tank 340 mm long']];
    }

    /** @param list<string> $fixes */
    #[DataProvider('findings')]
    public function testSaysWhatIsWrongWhyAndWhatToDo(string $patch, string $code, string $title, string $why, string $measure, array $fixes): void
    {
        $assessment = Assessor::assess(Plan::read(SamplePlans::patched(SamplePlans::fellside(), '['.$patch.']')));
        $codes = array_map(static fn (Finding $finding): string => $finding->code->value, $assessment->findings);
        $index = array_search($code, $codes, true);
        self::assertIsInt($index, 'Made are: '.implode(', ', $codes));
        $finding = $assessment->findings[$index];
        self::assertSame([$title, $why], [self::plain($finding->title), self::plain($finding->why)]);
        self::assertSame($measure, \sprintf('%.1f of %.1f %s', $finding->measure->value, $finding->measure->limit, $finding->measure->unit));
        self::assertSame($fixes, array_map(static fn (Fix $fix): string => self::plain($fix->label), $assessment->fixes[$index]));
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
