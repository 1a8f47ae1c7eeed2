<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Stage\Assessor;

/** What each finding of the line says: its title, the reason in its own numbers, its measure, the fixes with what they cost. */
final class LineFindingWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, list<string>}> by the row of the findings’ table: title, why, measure, fixes */
    public static function words(): iterable
    {
        yield 'port-loose 0' => ['Tee is not joined up', 'Nothing is joined to its branch c: water stops there, or runs out.', '1 of 0', ['Cap the free branch of Tee', 'Take Tee out']];
        yield 'pipe-lost 1' => ['Pipe 8 leads nowhere', 'It is joined to “ghost.in”, and no part or tank has such a port. A port is a part and its end, for example “pump-1.out”.', '1 of 0', ['Take Pipe 8 out']];
        yield 'port-twice 2' => ['Pipe 8 is joined where another pipe is', 'Two pipes are joined to “tap-1.in”; a tee has room for both. This one is left out of the sums.', '2 of 1', ['Take Pipe 8 out']];
        yield 'curve-rises 3' => ['The curve of Pressure pump does not fall', 'A curve begins at no flow with its highest pressure, and each further point has more flow and less pressure, for example 0.0 L/min at 330 kPa, then 7.0 L/min at 40 kPa. The pump is left out of the sums until then.', '1 of 0', ['Take the catalogue’s figures of Pressure pump (But then: Pressure pump starts 188 times an hour at a trickle.)', 'Pressure pump, 11 L/min in place of Pressure pump (But then: Basin tap gives 7.2 L/min, more than anyone needs; Pressure pump starts 308 times an hour at a trickle.)', 'Quiet pressure pump, 7 L/min in place of Pressure pump (But then: Pressure pump starts 186 times an hour at a trickle.)', 'Pressure pump, 4 L/min in place of Pressure pump (But then: Accumulator is empty before the pump starts; Pressure pump starts 315 times an hour at a trickle.)']];
        yield 'no-water 4' => ['No water comes to Galley tap', 'There is no open way from a tank with a pump or a fall on it. A part that is turned round, a shut way or a tank that stands too low does that.', '0 of 3 L/min', ['Turn Pressure pump round']];
        yield 'backwards 5' => ['Pressure pump is the wrong way round', 'It draws from the taps and presses into the tank: nothing comes, and air goes in.', '1 of 0', ['Turn Pressure pump round']];
        yield 'backwards 6' => ['Carbon block is the wrong way round', 'Water comes in where it should leave: what it has caught is washed into the line.', '1 of 0', ['Turn Carbon block round']];
        yield 'backwards 7' => ['Non-return valve is the wrong way round', 'It lets nothing through towards the taps.', '1 of 0', ['Turn Non-return valve round']];
        yield 'strainer-missing 8' => ['Pressure pump draws without a strainer', 'Swarf from the tank’s holes and grit from a hose end in its valves, and it pumps no more.', '0 of 1', ['Bowl strainer, 12 mm before Pressure pump']];
        yield 'filter-before-pump 9' => ['Sediment filter stands before the pump', 'Pressure pump has to pull the water through it, and the finer it is the sooner it starves; a strainer belongs there, the filter behind the pump.', '1 of 0', ['Move Sediment filter behind Pressure pump']];
        yield 'vessel-before-pump 10' => ['Accumulator stands before the pump', 'On that side there is hardly a pressure to fill it, and behind the pump, where it would answer a trickle, there is none.', '1 of 0', ['Move Accumulator behind Pressure pump']];
        yield 'heater-no-check 11' => ['Nothing holds the hot water of Storage heater back', 'Without a non-return valve before it, hot water creeps back into the cold pipe while nobody draws, and runs out of the heater when the pump rests.', '0 of 1', ['Non-return valve, threaded before Storage heater (But then: Pressure pump starts 233 times an hour at a trickle.)']];
        yield 'heater-no-check 12' => ['Nothing holds the hot water of Storage heater back', 'Without a non-return valve before it, hot water creeps back into the cold pipe while nobody draws, and runs out of the heater when the pump rests.', '0 of 1', ['Non-return valve, threaded before Storage heater']];
        yield 'heater-closed 13' => ['The hot water of Storage heater has nowhere to grow', 'Heated to 65.0 °C its 10 L take 189 mL more, and Non-return valve lets nothing back: something bursts. A vessel or a relief valve, led outside, belongs between the two, with nothing on the way to it that can be shut. Hot water under pressure is judged by a licensed person, under your local rules.', '0.189 of 0 L', ['Relief valve, 400 kPa before Storage heater', 'Expansion vessel, 2 L before Storage heater']];
        yield 'heater-closed 14' => ['The hot water of Storage heater has nowhere to grow', 'Heated to 65.0 °C its 10 L take 189 mL more, and Non-return valve lets nothing back: something bursts. A vessel or a relief valve, led outside, belongs between the two, with nothing on the way to it that can be shut. Hot water under pressure is judged by a licensed person, under your local rules.', '0.189 of 0 L', ['Relief valve, 400 kPa before Storage heater', 'Expansion vessel, 2 L before Storage heater']];
        yield 'mixer-open 15' => ['The hot side of Galley mixer is open', 'Cold water comes through the mixer and out of the open tail. Without hot water both tails take cold.', '1 of 0', ['Cold water to both sides of Galley mixer']];
        yield 'over-rated 16' => ['Galley tap can meet 645 kPa, and is rated for 600 kPa', '594 kPa stand there (use on mains), and a shock adds 51 kPa when an outlet is shut at once. Two other parts are over theirs too.', '645 of 600 kPa', ['Pressure regulator, 210 kPa behind Mains inlet with a cap']];
        yield 'over-rated 17' => ['Basin tap can meet 227 kPa, and is rated for 150 kPa', '192 kPa stand there (use), and a shock adds 35 kPa when an outlet is shut at once.', '227 of 150 kPa', ['Basin tap with spray insert in place of Basin tap', 'Galley tap in place of Basin tap', 'Drinking tap in place of Basin tap (But then: Basin tap gives 5.0 L/min, more than anyone needs.)']];
        yield 'over-rated 18' => ['Pipe from Storage heater to Mixing valve can meet 329 kPa, and is rated for 250 kPa', '280 kPa stand there (use), and a shock adds 49 kPa when an outlet is shut at once. At 65.0 °C it stands less than cold.', '329 of 250 kPa', ['Crimped pipe, 16 mm for the pipe from Storage heater to Mixing valve']];
        yield 'joint-weak 19' => ['Screwed hose clamps would have to hold 954 kPa', 'At 15.0 °C such joints usually hold 800 kPa. The pipe from Tee 2 to Drain valve can meet more (use on mains), 51 kPa of it the shock of an outlet that is shut at once. The joints of seven other pipes are too weak as well.', '954 of 800 kPa', ['Crimped rings there']];
        yield 'joint-weak 20' => ['Screwed hose clamps would have to hold 499 kPa', 'At 65.0 °C such joints usually hold 479 kPa. The pipe from Storage heater to Mixing valve can meet more (use), 49 kPa of it the shock of an outlet that is shut at once.', '499 of 479 kPa', ['Crimped rings there']];
        yield 'too-hot 21' => ['Pipe from Storage heater to Mixing valve is too soft for hot water', 'Water of 65.0 °C comes through it, and it is made for 40.0 °C.', '65 of 40 °C', ['Push tube, 15 mm outside for the pipe from Storage heater to Mixing valve']];
        yield 'mains-out 22' => ['The pump presses water out of Mains inlet with a cap', 'Nothing between it and the line holds water back: with the hose off, it runs out of the wall.', '1 of 0', ['Non-return valve, 12 mm behind Mains inlet with a cap']];
        yield 'sucks-air 23' => ['Suction hose for a bucket lets air in, and the tank out', 'It hangs on the line while water is used: a pump draws air through it in place of water, and a tank that stands higher runs out by it. A valve shuts it when nobody fills.', '1 of 0', ['Lever valve, 12 mm behind Suction hose for a bucket']];
        yield 'open-end 24' => ['Water runs out of Free hose end', 'Nothing shuts it: the tank empties by itself.', '1 of 0', ['Cap, 12 mm in place of Free hose end', 'Take Free hose end out']];
        yield 'mains-into-tank 25' => ['Mains presses into Header tank', 'It comes to the tank with nothing to stop it: the tank overflows, or bursts where its vent is too thin.', '1 of 0', ['Non-return valve, 12 mm at Header tank']];
        yield 'sink-under 26' => ['Heeled, the sink under Galley tap stands under water', 'At 20° its floor, 300 mm below the tap, lies 92 mm below the water, by her draught as it was entered. It drains outside: the sea comes up by the same way and fills her. Shut its seacock under way, or change it.', '-92.449 of 50 mm', ['Galley tap with its sink 180 mm left of the middle']];
        yield 'sink-under 27' => ['Heeled, the sink under Galley tap stands under water', 'At 20° its floor, 300 mm below the tap, lies 47 mm below the water, by her draught as it was entered. It drains outside: the sea comes up by the same way and fills her. Shut its seacock under way, or change it.', '-46.985 of 50 mm', []];
        yield 'mains-unwatched 28' => ['Mains on a boat never ends', 'A tank runs dry; a shore tap goes on until she sinks. Shut it whenever nobody is aboard.', '1 of 0', []];
        yield 'mode-blocked 29' => ['No position of the valves gives: fill by own pump', 'From the hose no way leads to a tank’s inlet: a two-way valve before the pump and one behind it give it both.', '1 of 0', []];
        yield 'fill-to-outlet 30' => ['Filling by the pump also opens the way to the taps', 'The pump then works against a shut tap, and a tap that drips takes what should go into the tank: shut a valve before it, or turn a two-way valve.', '1 of 0', []];
        yield 'blow-astray 31' => ['Blown air comes to Header tank', 'It lifts the lid, or blows water out of the vent, in place of emptying the line: a non-return valve between them holds it back.', '1 of 0', []];
        yield 'undrained 32' => ['638 mL stay in the line when it is drained', 'It has no drain valve. In frost that is where it bursts; the most, 245 mL, stay in the pipe from Tee to Basin tap.', '638.136 of 20 mL', ['A drain valve in the pipe from Tee to Basin tap']];
        yield 'flow-low 33' => ['Galley tap gives only 6.4 L/min', '6.8 L/min to 8.0 L/min are wanted there, even alone.', '6.4 of 6.8 L/min', ['Pressure pump, 11 L/min in place of Pressure pump (But then: Basin tap gives 7.2 L/min, more than anyone needs.)', 'Pressure pump, 15 L/min in place of Pressure pump (But then: Basin tap gives 8.6 L/min, more than anyone needs.)', 'Quiet pressure pump, 11 L/min in place of Pressure pump (But then: Basin tap gives 7.1 L/min, more than anyone needs.)']];
        yield 'together-weak 34' => ['Together with others Basin tap gives only 3.1 L/min', 'Two outlets run at the same time; Basin tap alone has 5.6 L/min.', '3.1 of 3.5 L/min', ['Pressure pump, 11 L/min in place of Pressure pump (But then: Basin tap gives 7.2 L/min, more than anyone needs.)', 'Pressure pump, 15 L/min in place of Pressure pump (But then: Galley tap gives 10 L/min, more than anyone needs; Basin tap gives 8.6 L/min, more than anyone needs.)', 'Quiet pressure pump, 11 L/min in place of Pressure pump (But then: Basin tap gives 7.1 L/min, more than anyone needs.)']];
        yield 'filter-starves 35' => ['Fine block starves Galley tap', 'Without it 6.4 L/min come, with it new 5.5 L/min, and 4.6 L/min at the end of its life.', '4.6 of 5 L/min', ['Move Fine block to Basin tap', 'Fine block, 0.5 µm, 10 in in place of Fine block']];
        yield 'suction-high 36' => ['Pressure pump cannot lift the first water', 'Over 5 310 mm of hose it has to lift it by 2 953 mm; dry it lifts 2 000 mm.', '2.953 of 2 m', ['Pressure pump down beside Header tank']];
        yield 'suction-high 37' => ['Pressure pump has to pull too hard', 'Over 7 320 mm of hose and 0 mm up it would pull 191 kPa, and can pull 39 kPa: it draws air and rattles.', '190.732 of 39.227 kPa', ['Clear hose, 15 mm up to Pressure pump']];
        yield 'pump-unstopped 38' => ['Pressure pump runs on against shut taps', 'It has no switch of its own, and Galley tap and Basin tap turn it neither on nor off: left running, it heats what it cannot move and presses on every joint.', '2 of 0', ['Take the catalogue’s figures of Pressure pump (But then: Pressure pump starts 188 times an hour at a trickle.)', 'Pressure pump, 11 L/min in place of Pressure pump (But then: Basin tap gives 7.2 L/min, more than anyone needs; Pressure pump starts 308 times an hour at a trickle.)', 'Quiet pressure pump, 7 L/min in place of Pressure pump (But then: Pressure pump starts 186 times an hour at a trickle.)', 'Pressure pump, 4 L/min in place of Pressure pump (But then: Accumulator is empty before the pump starts; Pressure pump starts 315 times an hour at a trickle.)']];
        yield 'pump-unstopped 39' => ['Submersible pump runs on against shut taps', 'It has no switch of its own, and Switched tap turns it neither on nor off: left running, it heats what it cannot move and presses on every joint.', '1 of 0', ['Switched tap, galley in place of Switched tap', 'Pressure pump, 4 L/min in place of Submersible pump (But then: Submersible pump draws without a strainer; Submersible pump starts more than 3600 times an hour at a trickle.)']];
        yield 'stutters 40' => ['Accumulator is empty before the pump starts', 'Its precharge of 120 kPa lies above the cut-in of 100 kPa: the flow stops and comes again.', '120 of 100 kPa', ['A precharge of 86 kPa, with the pump off and a tap open']];
        yield 'starts-often 41' => ['Pressure pump starts more than 3600 times an hour at a trickle', 'With a tap that runs 1.0 L/min. Nothing stores water between its starts but the give of the hoses.', '47541.744 of 120', ['Accumulator, 2 L with a precharge of 156 kPa: 92 starts', 'Accumulator, 5 L with a precharge of 156 kPa: 37 starts', 'Accumulator, 8 L with a precharge of 156 kPa: 23 starts']];
        yield 'flow-wasteful 42' => ['Basin tap gives 5.6 L/min, more than anyone needs', '3.5 L/min at most are of use there; what is beyond runs away, 2.1 L a minute.', '5.6 of 3.5 L/min', ['Basin tap with spray insert in place of Basin tap']];
        yield 'not-for-drinking 43' => ['Pipe from Tee to Basin tap is not made for drinking water', 'It gives off taste and worse; which materials may touch drinking water your local rules say.', '1 of 0', ['Push tube, 15 mm outside for the pipe from Tee to Basin tap']];
        yield 'scald 44' => ['Sparing hand shower can run 60.0 °C hot', 'Skin scalds within seconds, a child’s sooner, and Storage heater holds it so. A mixing valve set between 38.0 °C and 48.0 °C stops it; what is allowed at a tap your local rules say.', '60 of 50 °C', ['Set Mixing valve to 48.0 °C']];
        yield 'scald 45' => ['Galley mixer can run 65.0 °C hot', 'Skin scalds within seconds, a child’s sooner, and Storage heater holds it so. A mixing valve set between 38.0 °C and 48.0 °C stops it; what is allowed at a tap your local rules say.', '65 of 50 °C', ['Mixing valve, 48 °C behind Storage heater (But then: 226 mL stay in the line when it is drained.)']];
        yield 'dead-leg 46' => ['1.6 L run away before Sparing hand shower is warm', 'So much stands in the pipes from Storage heater, 19 s of it; each time it goes cold.', '1.617 of 1 L', ['Lined pipe, 12 mm from the heater']];
        yield 'stagnant 47' => ['98 mL stand before Cap and never move', 'Water that never moves turns, and passes it on: cap a tail where it branches off, or take it out.', '0.098 of 0.05 L', ['Take Cap out']];
        yield 'stock-changed 48' => ['The catalogue does not know Basin tap', 'The plan calls it “unheard-of”. It is computed with the figures that stand in the plan.', '1 of 0', ['Count it as your own part']];
        yield 'stock-changed 49' => ['The catalogue has other figures of Basin tap', 'The plan goes on with those that it was computed with.', '1 of 0', ['Take the catalogue’s figures of Basin tap', 'Count it as your own part']];
    }

    /** @param list<string> $fixes */
    #[DataProvider('words')]
    public function testSaysIt(string $title, string $why, string $measure, array $fixes): void
    {
        [$code, , $wrong] = iterator_to_array(LineFindingsTest::findings())[$this->dataName()];
        $finding = self::found($wrong->plan, $code);
        self::assertSame($title, self::plain($finding->title));
        self::assertSame($why, self::plain($finding->why));
        self::assertSame($measure, trim(\sprintf('%s of %s %s', round($finding->measure->value, 3) + 0, round($finding->measure->limit, 3) + 0, $finding->measure->unit)));
        self::assertSame($fixes, array_map(static fn (Fix $fix): string => self::plain($fix->label.(null === $fix->cost ? '' : ' ('.$fix->cost.')')), SampleLines::fixes($wrong->plan)[$finding->key]));
    }

    #[DataProvider('words')]
    public function testSaysItInThePlansUnits(): void
    {
        [$code, , $wrong] = iterator_to_array(LineFindingsTest::findings())[$this->dataName()];
        $finding = self::found(PartFields::changed($wrong->plan, ['units' => new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit)]), $code);
        self::assertDoesNotMatchRegularExpression('/\d\s*(mm|m|kPa|L|mL|kg|°C)\b/u', self::plain($finding->title.' '.$finding->why));
    }

    public function testEveryRowOfTheFindingsHasItsWords(): void
    {
        self::assertSame(array_keys(iterator_to_array(LineFindingsTest::findings())), array_keys(iterator_to_array(self::words())));
    }

    private static function found(Plan $plan, string $code): SentFinding
    {
        return array_values(array_filter(Assessor::assess($plan, 'line', SampleLines::stock())->findings, static fn (SentFinding $one): bool => $code === $one->code))[0];
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
