<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Stage\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Assessment\SentFinding;
use YardCask\Core\Assessment\SentFix;
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
        yield 'port-loose 0' => [
            'The tee is not connected',
            'Nothing is connected to its branch c: water stops there, or runs out.',
            '1 of 0',
            ['Cap the free branch of the tee', 'Remove the tee'],
        ];
        yield 'pipe-lost 1' => ['Pipe 8 leads nowhere', 'The part or tank at one of its ends is no longer in the plan.', '1 of 0', ['Remove Pipe 8']];
        yield 'port-twice 2' => [
            'Pipe 8 is connected where another pipe is',
            'Two pipes are connected to the inlet of the galley tap; a tee has room for both. This one is left out of the calculation.',
            '2 of 1',
            ['Remove Pipe 8'],
        ];
        yield 'curve-rises 3' => [
            'The curve of the pressure pump does not fall',
            'A pump curve starts at no flow with its highest pressure; each further point has more flow and less pressure, for example 0 L/min at 330 kPa, then 7.0 L/min at 40 kPa. Until then the pump is left out of the calculation.',
            '1 of 0',
            [
                'Use the catalogue’s figures for the pressure pump (It would also mean: the pressure pump starts 203 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 11 L/min (It would also mean: the pressure pump starts 334 times an hour at a trickle; the accumulator is charged too low.)',
                'Replace the pressure pump with Quiet pressure pump, 7 L/min (It would also mean: the pressure pump starts 201 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 4 L/min (It would also mean: the accumulator is empty before the pump starts; the pressure pump starts 236 times an hour at a trickle.)',
            ],
        ];
        yield 'no-water 4' => [
            'The galley tap gets no water',
            'There is no open way to it from a tank with a pump or enough height. A part that is the wrong way round, a shut valve or a tank that is too low would explain it.',
            '0 of 3 L/min',
            ['Turn the pressure pump round'],
        ];
        yield 'backwards 5' => [
            'The pressure pump is the wrong way round',
            'It pumps backwards: from the taps into the tank. No water comes, and air gets in.',
            '1 of 0',
            ['Turn the pressure pump round'],
        ];
        yield 'backwards 6' => [
            'Carbon block is the wrong way round',
            'Water enters at its outlet and washes what it has caught into the line.',
            '1 of 0',
            ['Turn Carbon block round'],
        ];
        yield 'backwards 7' => [
            'The non-return valve is the wrong way round',
            'It lets no water through to the taps.',
            '1 of 0',
            ['Turn the non-return valve round'],
        ];
        yield 'strainer-missing 8' => [
            'The pressure pump has no strainer',
            'Swarf from the tank’s holes and grit from a hose get into its valves, and it stops pumping.',
            '0 of 1',
            ['Fit a strainer upstream of the pressure pump'],
        ];
        yield 'filter-upstream 9' => [
            'The sediment filter is upstream of the pump',
            'The pressure pump has to pull water through it, and a fine filter starves it. Fit a strainer there, and the filter downstream of the pump.',
            '1 of 0',
            ['Move the sediment filter downstream of the pressure pump'],
        ];
        yield 'accumulator-upstream 10' => [
            'The accumulator is upstream of the pump',
            'On the suction side there is hardly any pressure to fill it. Downstream of the pressure pump, where it would serve a trickle, there is none.',
            '1 of 0',
            ['Move the accumulator downstream of the pressure pump'],
        ];
        yield 'heater-no-check 11' => [
            'There is no non-return valve on the cold feed to the storage heater',
            'Without one, hot water creeps back into the cold pipe when nobody is drawing, and runs out of the heater when the pump is off.',
            '0 of 1',
            ['Fit a non-return valve upstream of the storage heater'],
        ];
        yield 'heater-no-check 12' => [
            'There is no non-return valve on the cold feed to the storage heater',
            'Without one, hot water creeps back into the cold pipe when nobody is drawing, and runs out of the heater when the pump is off.',
            '0 of 1',
            ['Fit a non-return valve upstream of the storage heater'],
        ];
        yield 'heater-closed 13' => [
            'Hot water in the storage heater has nowhere to expand',
            'Heated to 65 °C, its 10 L of water expands by 189 mL, and the non-return valve lets nothing back: something bursts. Fit an expansion vessel, or a relief valve that discharges outside, between the two, with nothing that can be shut in between. Hot water under pressure needs a licensed person; your local rules apply.',
            '0.189 of 0 L',
            ['Fit a relief valve upstream of the storage heater', 'Fit an expansion vessel upstream of the storage heater'],
        ];
        yield 'heater-closed 14' => [
            'Hot water in the storage heater has nowhere to expand',
            'Heated to 65 °C, its 10 L of water expands by 189 mL, and the non-return valve lets nothing back: something bursts. Fit an expansion vessel, or a relief valve that discharges outside, between the two, with nothing that can be shut in between. Hot water under pressure needs a licensed person; your local rules apply.',
            '0.189 of 0 L',
            ['Fit a relief valve upstream of the storage heater', 'Fit an expansion vessel upstream of the storage heater'],
        ];
        yield 'mixer-open 15' => [
            'The hot side of the galley mixer is open',
            'Cold water runs through the mixer and out of the open tail. Without hot water, connect both tails to cold.',
            '1 of 0',
            ['Connect cold to both sides of the galley mixer'],
        ];
        yield 'over-rated 16' => [
            'Pressure at the galley tap can reach 727 kPa; it is rated for 600 kPa',
            'The steady pressure there is 594 kPa on mains. Water hammer adds 133 kPa when an outlet is shut suddenly. Over their rating too: the basin tap and the pressure pump.',
            '727 of 600 kPa',
            [
                'Fit a regulator downstream of the mains inlet with a cap',
                'Always use a regulator at the site’s tap, set to 210 kPa',
            ],
        ];
        yield 'over-rated 17' => [
            'Pressure at the basin tap can reach 242 kPa; it is rated for 150 kPa',
            'The steady pressure there is 192 kPa in use. Water hammer adds 49 kPa when an outlet is shut suddenly.',
            '242 of 150 kPa',
            [
                'Replace the basin tap with Basin tap with spray insert',
                'Replace the basin tap with Galley tap',
                'Replace the basin tap with Drinking tap (It would also mean: the basin tap gets 5.0 L/min, more than anyone needs.)',
            ],
        ];
        yield 'over-rated 18' => [
            'Pressure at the pipe from the storage heater to the mixing valve can reach 347 kPa; it is rated for 250 kPa',
            'The steady pressure there is 280 kPa in use. Water hammer adds 67 kPa when an outlet is shut suddenly. Its rating is lower at 65 °C than cold.',
            '347 of 250 kPa',
            ['Use Crimped pipe, 16 mm for the pipe from the storage heater to the mixing valve'],
        ];
        yield 'joint-weak 19' => [
            'Pressure at hose clamps can reach 847 kPa; such joints usually hold 800 kPa',
            'They are on the pipe from Tee 2 to the drain valve, with water at 15 °C, on mains. 144 kPa of that is water hammer, when an outlet is shut suddenly. Too weak as well: the joints of the pipe from the drain valve to the galley tap, the pipe from the pressure pump to the accumulator, the pipe from the accumulator to the tee, the pipe from the tee to Tee 2, the pipe from Tee 2 to the basin tap and the pipe from the double check valve to the tee.',
            '847 of 800 kPa',
            [
                'Use crimped rings there',
                'Fit a regulator downstream of the mains inlet with a cap',
                'Always use a regulator at the site’s tap, set to 210 kPa',
            ],
        ];
        yield 'joint-weak 20' => [
            'Pressure at hose clamps can reach 517 kPa; such joints usually hold 479 kPa',
            'They are on the pipe from the storage heater to the mixing valve, with water at 65 °C, in use. 67 kPa of that is water hammer, when an outlet is shut suddenly.',
            '517 of 479 kPa',
            ['Use crimped rings there'],
        ];
        yield 'too-hot 21' => [
            'The pipe from the storage heater to the mixing valve is not made for water this hot',
            'The water there reaches 65 °C; it is rated for 40 °C.',
            '65 of 40 °C',
            ['Use Push tube, 15 mm outside for the pipe from the storage heater to the mixing valve'],
        ];
        yield 'mains-out 22' => [
            'The pump pushes water out of the mains inlet with a cap',
            'There is no non-return valve between it and the line: with the hose off, water runs out through the wall.',
            '1 of 0',
            ['Fit a non-return valve downstream of the mains inlet with a cap (Worse: pressure at the galley tap can reach 729 kPa; it is rated for 600 kPa.)'],
        ];
        yield 'sucks-air 23' => [
            'Suction hose for a bucket lets air in and water out',
            'It stays connected while water is used: the pump draws air through it instead of water, and a tank that is higher runs out through it. A valve shuts it off when nobody is filling.',
            '1 of 0',
            ['Fit a shut-off valve downstream of Suction hose for a bucket'],
        ];
        yield 'open-end 24' => [
            'Water runs out of the free hose end',
            'Nothing shuts it: the tank empties by itself.',
            '1 of 0',
            ['Replace the free hose end with Cap, 12 mm', 'Remove the free hose end'],
        ];
        yield 'mains-into-tank 25' => [
            'Mains pressure gets into Header tank',
            'Nothing stops it from reaching the tank. The tank overflows, or bursts if its vent is too thin.',
            '1 of 0',
            ['Fit a non-return valve at Header tank'],
        ];
        yield 'sink-under 26' => [
            'When she heels, the sink under the galley tap is under water',
            'At 20° its bottom, 300 mm below the tap, is 92 mm below the water, by the draught you entered; keep it 50 mm above. It drains outside, so the sea comes up the same way and floods the boat. Shut its seacock under way, or change the drain.',
            '-92.449 of 50 mm',
            ['Move the galley tap and its sink to 180 mm left'],
        ];
        yield 'sink-under 27' => [
            'When she heels, the sink under the galley tap is under water',
            'At 20° its bottom, 300 mm below the tap, is 47 mm below the water, by the draught you entered; keep it 50 mm above. It drains outside, so the sea comes up the same way and floods the boat. Shut its seacock under way, or change the drain.',
            '-46.985 of 50 mm',
            [],
        ];
        yield 'mains-unwatched 28' => [
            'Mains water on a boat never runs out',
            'A tank runs dry, but a shore tap keeps running until she sinks. Turn it off whenever nobody is aboard.',
            '1 of 0',
            [],
        ];
        yield 'mode-blocked 29' => [
            'No valve setting lets the pump fill the tank',
            'There is no way from the hose to a tank’s inlet. A three-way valve upstream of the pump and one downstream of it would provide both.',
            '1 of 0',
            [],
        ];
        yield 'fill-to-outlet 30' => [
            'Filling with the pump also opens the way to the taps',
            'The pump then works against a shut tap, and if it drips, it takes water meant for the tank. Fit a valve upstream of it, or use a three-way valve.',
            '1 of 0',
            [],
        ];
        yield 'blow-astray 31' => [
            'Air for blowing out reaches Header tank',
            'It lifts the lid or blows water out of the vent instead of emptying the line. A non-return valve in between stops it.',
            '1 of 0',
            [],
        ];
        yield 'undrained 32' => [
            '565 mL stays in the line when it is drained',
            'In frost it bursts there. The line has no drain valve; most of it, 245 mL, is in the pipe from the tee to the basin tap.',
            '564.505 of 20 mL',
            ['Fit a drain valve in the pipe from the tee to the basin tap'],
        ];
        yield 'flow-low 33' => [
            'The galley tap gets only 6.4 L/min',
            'It needs 6.8 L/min to 8.0 L/min, and gets too little even on its own.',
            '6.4 of 6.8 L/min',
            [
                'Replace the pressure pump with Pressure pump, 11 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 334 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 15 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 424 times an hour at a trickle.)',
                'Replace the pressure pump with Quiet pressure pump, 11 L/min (Worse: the pressure pump starts 261 times an hour at a trickle.)',
            ],
        ];
        yield 'together-weak 34' => [
            'The basin tap gets only 3.1 L/min with the others open',
            '2 outlets run at the same time, and this one needs 3.5 L/min. On its own it gets 5.6 L/min.',
            '3.1 of 3.5 L/min',
            [
                'Replace the pressure pump with Pressure pump, 11 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 334 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 15 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 424 times an hour at a trickle.)',
                'Replace the pressure pump with Quiet pressure pump, 11 L/min (Worse: the pressure pump starts 261 times an hour at a trickle.)',
            ],
        ];
        yield 'filter-starves 35' => [
            'Fine block starves the galley tap',
            'At the end of the filter’s life it gets 4.6 L/min, and needs 5.0 L/min. With a new filter it gets 5.5 L/min, without one 6.4 L/min.',
            '4.6 of 5 L/min',
            ['Move Fine block to the basin tap', 'Replace Fine block with Fine block, 0.5 µm, 10 in'],
        ];
        yield 'suction-high 36' => [
            'The pressure pump cannot lift the first water',
            'It has to lift it 3 m, through 5.3 m of hose. Dry, it can lift 2 m.',
            '2.952 of 2 m',
            ['Move the pressure pump down beside Header tank'],
        ];
        yield 'suction-high 37' => [
            'The pressure pump has to pull too hard',
            'Through 7.3 m of hose it has to pull 191 kPa, and it can pull 39 kPa: it draws air and rattles.',
            '190.729 of 39.227 kPa',
            ['Use Clear hose, 15 mm up to the pressure pump'],
        ];
        yield 'pump-unstopped 38' => [
            'The pressure pump keeps running against shut taps',
            'It has no pressure switch, and the galley tap and the basin tap do not switch it. Left running, it heats the water that it cannot move and presses on every joint.',
            '2 of 0',
            [
                'Use the catalogue’s figures for the pressure pump (It would also mean: the pressure pump starts 203 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 11 L/min (It would also mean: the pressure pump starts 334 times an hour at a trickle; the accumulator is charged too low.)',
                'Replace the pressure pump with Quiet pressure pump, 7 L/min (It would also mean: the pressure pump starts 201 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 4 L/min (It would also mean: the accumulator is empty before the pump starts; the pressure pump starts 236 times an hour at a trickle.)',
            ],
        ];
        yield 'pump-unstopped 39' => [
            'The submersible pump keeps running against shut taps',
            'It has no pressure switch, and the switched tap does not switch it. Left running, it heats the water that it cannot move and presses on every joint.',
            '1 of 0',
            [
                'Replace the switched tap with Switched tap, galley',
                'Replace the submersible pump with Pressure pump, 4 L/min (It would also mean: the submersible pump has no strainer; nothing shuts Header tank off from the submersible pump; the submersible pump starts more than 3 600 times an hour at a trickle; 271 mL stays in the line when it is drained.)',
            ],
        ];
        yield 'stutters 40' => [
            'The accumulator is empty before the pump starts',
            'Its precharge of 120 kPa is above the cut-in of 100 kPa: the flow stops and starts.',
            '120 of 100 kPa',
            ['Charge it to 86 kPa, with the pump off and a tap open'],
        ];
        yield 'starts-often 41' => [
            'The pressure pump starts more than 3 600 times an hour at a trickle',
            'That is with a tap running at 1.0 L/min. Only the stretch of the hoses stores water between starts.',
            '111135.642 of 120',
            [
                'Fit Accumulator, 2 L, charged to 156 kPa: 92 starts an hour',
                'Fit Accumulator, 5 L, charged to 156 kPa: 37 starts an hour',
                'Fit Accumulator, 8 L, charged to 156 kPa: 23 starts an hour',
            ],
        ];
        yield 'flow-wasteful 42' => [
            'The basin tap gets 5.6 L/min, more than anyone needs',
            'Anything over 3.5 L/min there is wasted: 2.1 L every minute.',
            '5.6 of 3.5 L/min',
            ['Replace the basin tap with Basin tap with spray insert'],
        ];
        yield 'not-for-drinking 43' => [
            'The pipe from the tee to the basin tap is not made for drinking water',
            'It taints the water, or worse. Your local water regulations say which materials may touch drinking water.',
            '1 of 0',
            ['Use Push tube, 15 mm outside for the pipe from the tee to the basin tap'],
        ];
        yield 'scald 44' => [
            'The sparing hand shower can run as hot as 60 °C',
            'Skin burns in 5 s at that heat, a child’s sooner, and the storage heater stores it this hot. A mixing valve set between 38 °C and 43 °C prevents it. Your local rules say how hot a tap may be.',
            '60 of 43 °C',
            ['Set the mixing valve to 43 °C'],
        ];
        yield 'scald 45' => [
            'The galley mixer can run as hot as 65 °C',
            'Skin burns in 1 s at that heat, a child’s sooner, and the storage heater stores it this hot. A mixing valve set between 38 °C and 48 °C prevents it. Your local rules say how hot a tap may be.',
            '65 of 48 °C',
            ['Fit a mixing valve downstream of the storage heater (It would also mean: 226 mL stays in the line when it is drained.)'],
        ];
        yield 'dead-leg 46' => [
            '1.7 L is wasted before the sparing hand shower runs warm',
            'That much water is in the pipes from the storage heater (17 s of running), and it goes cold every time.',
            '1.651 of 1 L',
            ['Use Lined pipe, 12 mm from the heater'],
        ];
        yield 'stagnant 47' => [
            '98 mL never moves upstream of the cap',
            'Standing water goes stale and taints the rest. Cap the branch where it leaves the line, or remove it.',
            '0.098 of 0.05 L',
            ['Remove the cap'],
        ];
        yield 'stock-changed 48' => [
            'The basin tap is not in the catalogue',
            'It is calculated with the figures in the plan.',
            '1 of 0',
            ['Keep it as your own part'],
        ];
        yield 'stock-changed 49' => [
            'The catalogue now has other figures for the basin tap',
            'The plan keeps the figures that it was calculated with.',
            '1 of 0',
            ['Use the catalogue’s figures for the basin tap', 'Keep it as your own part'],
        ];
        yield 'all-open-weak 50' => [
            'The basin tap gets no water with all outlets open',
            'It needs 2.0 L/min, and gets 5.5 L/min on its own. Open fewer at a time, or mark those that have to run together.',
            '0 of 0.5 L/min',
            [
                'Replace the pressure pump with Pressure pump, 11 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 334 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 15 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 424 times an hour at a trickle.)',
                'Replace the pressure pump with Quiet pressure pump, 11 L/min (Worse: the pressure pump starts 261 times an hour at a trickle.)',
            ],
        ];
        yield 'runs-dry 51' => [
            '2 outlets can run dry with 40 L left in Cans under the bench',
            'They are the galley tap and the basin tap, and draw only on Header tank: 20 L.',
            '19.575 of 60 L',
            ['Join Cans under the bench to the line at Header tank'],
        ];
        yield 'filter-fast 52' => [
            'Water runs too fast through Fine block',
            'Up to 5.5 L/min goes through it, and it is rated for 4.0 L/min. Above that it filters less than it promises, and its cartridge is soon full.',
            '5.5 of 4 L/min',
            ['Move Fine block to the galley tap', 'Replace Fine block with Fine block, 0.5 µm, 10 in'],
        ];
        yield 'filter-fast 53' => [
            'Water runs too fast through Carbon block',
            'Up to 20 L/min goes through it, and it is rated for 12 L/min. Above that it filters less than it promises, and its cartridge is soon full.',
            '20 of 12 L/min',
            [
                'Move Carbon block to the galley tap (It would also mean: 222 mL stays in the line when it is drained.)',
            ],
        ];
        yield 'filter-used-up 54' => [
            'The cartridge of Carbon block does not last the stay',
            '54 L goes through it in a stay, and it is made for 20 L: change it after 1.5 days.',
            '53.6 of 20 L',
            [
                'Replace Carbon block with Inline carbon filter, small (It would also mean: water runs too fast through Carbon block.)',
                'Replace Carbon block with Carbon block, 5 µm, 5 in (It would also mean: water runs too fast through Carbon block.)',
                'Replace Carbon block with Filter for one tap, 2 µm (It would also mean: water runs too fast through Carbon block.)',
            ],
        ];
        yield 'filter-used-up 55' => [
            'The cartridge of Carbon block does not last the stay',
            '54 L goes through it in a stay, and it is made for 50 L: change it after 3.7 days.',
            '53.6 of 50 L',
            [
                'Replace Carbon block with Inline carbon filter, small (It would also mean: water runs too fast through Carbon block.)',
                'Replace Carbon block with Carbon block, 5 µm, 5 in (It would also mean: water runs too fast through Carbon block.)',
                'Replace Carbon block with Filter for one tap, 2 µm (It would also mean: water runs too fast through Carbon block.)',
            ],
        ];
        yield 'together-weak 56' => [
            'The basin tap has only 39 kPa of pressure with the others open',
            '2 outlets run at the same time, and this one needs 100 kPa. On its own it has 127 kPa.',
            '38.793 of 100 kPa',
            [
                'Replace the pressure pump with Pressure pump, 15 L/min (It would also mean: the accumulator is charged too low. Worse: the pressure pump starts 424 times an hour at a trickle.)',
            ],
        ];
        yield 'filter-before-storage 57' => [
            'Carbon block takes the disinfectant out before the water is stored',
            'Nothing keeps germs down in the water that runs into Header tank through it. Sanitise the tank more often, or filter the water on its way out.',
            '1 of 0',
            [
                'Move Carbon block to the galley tap (It would also mean: 222 mL stays in the line when it is drained.)',
            ],
        ];
        yield 'shut-off-missing 58' => [
            'Nothing shuts Header tank off from the pressure pump',
            'To clean the strainer or change the pump you would have to empty the tank first, and a leak beside it runs until the tank is dry.',
            '0 of 1',
            ['Fit a shut-off valve at Header tank'],
        ];
        yield 'undrained 59' => [
            '394 mL stays in the line when it is drained',
            'In frost it bursts there. Most of it, 226 mL, is in the pipe from Tee 5 to the galley mixer: below every way out, or behind a part that lets nothing back.',
            '394.165 of 20 mL',
            ['Fit a drain valve in the pipe from Tee 5 to the galley mixer'],
        ];
        yield 'undrained 60' => [
            '10.1 L stays in the line when it is drained',
            'In frost it bursts there. Most of it, 10.0 L, is in the storage heater: below every way out, or behind a part that lets nothing back.',
            '10126.994 of 20 mL',
            ['Fit 2 drain valves in the pipe from Drain valve 2 to the storage heater and the pipe from the non-return valve to the relief valve'],
        ];
        yield 'hot-short 61' => [
            'The storage heater is too small for “A long one”',
            'It makes 22 L of water at 38 °C at best, and each use takes 22 L.',
            '21.739 of 22.433 L',
            ['Replace the storage heater with Storage heater, 14 L, gas'],
        ];
        yield 'hot-cool 62' => [
            'The sparing hand shower gets no warmer than 36 °C',
            'Even turned down to 4.0 L/min, the plate exchanger would need 6.4 kW to reach 38 °C, and it has 5.9 kW.',
            '35.963 of 36 °C',
            [
                'Replace the plate exchanger with Flow heater, 6 kW',
                'Replace the plate exchanger with Plate exchanger, 15 kW, heat store (It would also mean: only one wall keeps coolant out of the water in the plate exchanger.)',
            ],
        ];
        yield 'heater-unpowered 63' => [
            'The storage heater has no power where you stay',
            'It needs a hook-up, and wild nights have none.',
            '0 of 1',
            ['Replace the storage heater with Storage heater, 5 L, 12 V', 'Replace the storage heater with Storage heater, 14 L, gas'],
        ];
        yield 'scald 64' => [
            'The sparing hand shower can run as hot as 44 °C',
            'It is too hot to stay under, and the storage heater stores it this hot. A mixing valve set between 38 °C and 43 °C prevents it. Your local rules say how hot a tap may be.',
            '44 of 43 °C',
            ['Set the mixing valve to 43 °C'],
        ];
        yield 'relief-low 65' => [
            'The relief valve opens below the line’s normal pressure',
            'It is set to 275 kPa, and the pressure at the storage heater reaches 280 kPa even cold, so it drips all the time.',
            '275 of 280 kPa',
            [
                'Replace the relief valve with Relief valve, 600 kPa',
                'Replace the relief valve with Relief valve, 300 kPa (It would also mean: the expansion vessel is too small for the storage heater.)',
            ],
        ];
        yield 'cut-out-high 66' => [
            'The pressure pump cannot reach the pressure at which it stops',
            'It stops at 330 kPa, and with a low battery it reaches only 325 kPa: with every tap shut it runs on until it is too hot or the battery is empty.',
            '330 of 324.5 kPa',
            [
                'Let the pressure pump stop at 270 kPa (It would also mean: the pressure pump starts 140 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 11 L/min (It would also mean: the pressure pump starts 334 times an hour at a trickle; the accumulator is charged too low.)',
                'Replace the pressure pump with Quiet pressure pump, 7 L/min (It would also mean: the pressure pump starts 201 times an hour at a trickle.)',
                'Replace the pressure pump with Pressure pump, 4 L/min (It would also mean: the accumulator is empty before the pump starts; the pressure pump starts 236 times an hour at a trickle.)',
            ],
        ];
        yield 'relief-high 67' => [
            'The relief valve opens too late',
            'It is set to 900 kPa, and the storage heater is rated for only 600 kPa with water as hot as it gets there.',
            '900 of 600 kPa',
            [
                'Replace the relief valve with Relief valve, 600 kPa',
                'Replace the relief valve with Relief valve, 300 kPa (It would also mean: the expansion vessel is too small for the storage heater.)',
            ],
        ];
        yield 'vessel-small 68' => [
            'The expansion vessel is too small for the storage heater',
            'The water expands by 189 mL each time it is heated. The vessel does not take that up below 400 kPa, so the relief valve drips.',
            '455.769 of 400 kPa',
            ['Replace the expansion vessel with Expansion vessel, 4 L'],
        ];
        yield 'heater-closed 69' => [
            'The expansion vessel is too small for the hot water in the storage heater',
            'Heated to 65 °C, its 10 L of water expands by 189 mL, and the non-return valve lets nothing back: something bursts. Fit an expansion vessel, or a relief valve that discharges outside, between the two, with nothing that can be shut in between. Hot water under pressure needs a licensed person; your local rules apply.',
            '0.189 of 0 L',
            [
                'Fit an expansion vessel upstream of the storage heater',
                'Replace the expansion vessel with Expansion vessel, 4 L',
                'Fit a relief valve upstream of the storage heater (It would also mean: the expansion vessel is too small for the storage heater.)',
            ],
        ];
        yield 'heater-closed 70' => [
            'Hot water in the plate exchanger has nowhere to expand',
            'Heated to 85 °C, its 0.3 L of water expands by 9 mL, and the non-return valve lets nothing back: something bursts. Fit an expansion vessel, or a relief valve that discharges outside, between the two, with nothing that can be shut in between. Hot water under pressure needs a licensed person; your local rules apply.',
            '0.009 of 0 L',
            [
                'Fit a relief valve upstream of the plate exchanger',
                'Fit an expansion vessel upstream of the plate exchanger',
            ],
        ];
        yield 'obstructed 71' => [
            'The pipe from the bowl strainer to the pressure pump goes through Spare wheel',
            'Run straight from point to point, 300 mm of it is inside. Move one of them, or enter the points that the pipe passes on its way round.',
            '1 of 0',
            [
                'Lead the pipe from the bowl strainer to the pressure pump to the left of Spare wheel (46 mm longer)',
                'Lead the pipe from the bowl strainer to the pressure pump to the right of Spare wheel (46 mm longer)',
                'Lead the pipe from the bowl strainer to the pressure pump under Spare wheel (23 mm longer) (Worse: 321 mL stays in the line when it is drained.)',
            ],
        ];
        yield 'obstructed 72' => [
            'The pressure pump is inside Spare wheel',
            'Where you have placed it, its middle is 100 mm inside. Move one of them, or measure again.',
            '1 of 0',
            ['Move the pressure pump 160 mm up', 'Move the pressure pump 210 mm back'],
        ];
        yield 'near-hot 73' => [
            'The pipe from the bowl strainer to the pressure pump is too close to Spare wheel',
            'They are 100 mm apart. Pipe softens and cold water gets warm: keep 150 mm, or the distance that the maker asks for, or fit a shield that a licensed fitter has approved.',
            '100 of 150 mm',
            [
                'Lead the pipe from the bowl strainer to the pressure pump to the left of Spare wheel (11 mm longer)',
                'Lead the pipe from the bowl strainer to the pressure pump over Spare wheel (254 mm longer)',
                'Lead the pipe from the bowl strainer to the pressure pump under Spare wheel (143 mm longer) (Worse: 362 mL stays in the line when it is drained.)',
            ],
        ];
        yield 'over-dry 74' => [
            'The pressure pump is above Spare wheel',
            'A weeping joint would drip onto it. Keep water beside or below electrics, or fit a tray with a drain between them. A qualified electrician decides whether that is enough.',
            '1 of 0',
            [
                'Move the pressure pump 210 mm forward',
                'Move the pressure pump 210 mm back',
                'Move the pressure pump 210 mm to the left',
            ],
        ];
        yield 'suction-high 75' => [
            'The pressure pump cannot lift the first water',
            'It has to lift it 2.7 m, through 8.7 m of hose. Dry, it can lift 2 m.',
            '2.652 of 2 m',
            ['Lead the suction hose of the pressure pump no higher than 3 640 mm'],
        ];
        yield 'precharge-low 76' => [
            'The accumulator is charged too low',
            'It holds air at 57 kPa, and the pressure pump starts at 100 kPa. It is nearly full of water by then, so there is little left to draw before the pump starts, and its membrane is stretched.',
            '57.3 of 86 kPa',
            ['Charge it to 86 kPa, with the pump off and a tap open'],
        ];
        yield 'precharge-low 77' => [
            'The expansion vessel is charged too low',
            'It holds air at 186 kPa, and the pressure there is 280 kPa before the storage heater heats. It is partly full of water by then, so it takes up less of what the water expands by.',
            '186 of 280 kPa',
            ['Charge it to 280 kPa, with the pump off and a tap open'],
        ];
        yield 'precharge-high 78' => [
            'The expansion vessel is charged too high',
            'It holds air at 301 kPa, and the pressure there is 280 kPa before the storage heater heats. Until it has risen to 301 kPa, it takes up nothing.',
            '301 of 280 kPa',
            ['Charge it to 280 kPa, with the pump off and a tap open'],
        ];
        yield 'mains-unchecked 79' => [
            'Water can flow back into the mains through the mains inlet with a cap',
            'There is no check valve between it and the first branch. When the mains loses pressure, it draws in what is in your line and endangers everyone on it. A pressure regulator is no check valve. Local rules say which kind of check is needed.',
            '0 of 1',
            ['Fit a double check valve downstream of the mains inlet with a cap'],
        ];
        yield 'mains-unchecked 80' => [
            'Water can flow back into the mains through the mains inlet with a cap',
            'There is no check valve between it and the first branch. When the mains loses pressure, it draws in what is in your line and endangers everyone on it. A pressure regulator is no check valve. Local rules say which kind of check is needed.',
            '0 of 1',
            ['Fit a double check valve downstream of the mains inlet with a cap'],
        ];
        yield 'mains-into-tank 81' => [
            'Mains pressure gets into Header tank',
            'Only the pump’s own valves are in the way, and they wear: then mains water fills the tank until it overflows, or bursts. A shut-off valve does not count: people forget to shut it.',
            '1 of 0',
            ['Fit a non-return valve upstream of the pressure pump'],
        ];
        yield 'fill-unbroken 82' => [
            'Mains fills Header tank without an air gap or a float valve',
            'Tank water can be drawn back into the mains, and once the tank is full, mains presses on it. Local rules say which of the two is allowed.',
            '0 of 1',
            ['Fit a float valve at the inlet of Header tank'],
        ];
        yield 'store-cool 83' => [
            'The storage heater keeps its water at 59 °C',
            'Legionella, which cause a serious lung infection, multiply in lukewarm water and die in hot. Keep it at 60 °C or more and mix it down at a valve. If it is kept cooler, say what is done about it.',
            '59 of 60 °C',
            ['Heat the storage heater to 60 °C'],
        ];
        yield 'single-wall 84' => [
            'Only one wall keeps coolant out of the water in the plate exchanger',
            'The plan does not say that it has two walls. Coolant is poisonous, and a wall corrodes where nobody sees it. Fit a heater with two walls, or have the circuit filled with a coolant that is sold as safe for it, and test the water every season. Local rules may ask for two.',
            '1 of 2',
            ['Replace the plate exchanger with Plate exchanger, 15 kW, heat store, two walls'],
        ];
        yield 'single-wall 85' => [
            'Only one wall keeps coolant out of the water in the plate exchanger',
            'Coolant is poisonous, and a wall corrodes where nobody sees it. Fit a heater with two walls, or have the circuit filled with a coolant that is sold as safe for it, and test the water every season. Local rules may ask for two.',
            '1 of 2',
            ['Replace the plate exchanger with Plate exchanger, 15 kW, heat store, two walls'],
        ];
        yield 'raw-water 86' => [
            'Raw water goes untreated into Header tank',
            'What the hose draws from a stream or a bucket goes through the pump into the tank you use. A UV lamp needs power and a filter of 5 µm or finer upstream of it; a doser needs half an hour before anyone drinks. Afterwards rinse the pump and the line with clean water.',
            '0 of 1',
            ['Fit a fine filter and a UV lamp at the inlet of Header tank'],
        ];
        yield 'raw-water 87' => [
            'Raw water goes untreated into Header tank',
            'What the hose draws from a stream or a bucket goes through the pump into the tank you use. A UV lamp needs power and a filter of 5 µm or finer upstream of it; a doser needs half an hour before anyone drinks. Afterwards rinse the pump and the line with clean water.',
            '0 of 1',
            ['Fit a filter of 5 µm or finer upstream of UV lamp'],
        ];
    }

    /** @param list<string> $fixes */
    #[DataProvider('words')]
    public function testSaysIt(string $title, string $why, string $measure, array $fixes): void
    {
        [$code, , $wrong] = iterator_to_array(LineFindingsTest::findings())[$this->dataName()];
        $finding = self::found($wrong->plan, $code);
        self::assertSame($title, self::plain($finding->title));
        self::assertSame($why, self::plain($finding->why));
        self::assertSame(
            $measure,
            trim(\sprintf('%s of %s %s', round($finding->measure->value, 3) + 0, round($finding->measure->limit, 3) + 0, $finding->measure->unit)),
        );
        self::assertSame(
            $fixes,
            array_map(
                static fn (SentFix $fix): string => self::plain($fix->label.(null === $fix->cost ? '' : ' ('.$fix->cost.')')),
                SampleLines::fixes($wrong->plan)[$finding->key],
            ),
        );
    }

    #[DataProvider('words')]
    public function testSaysItInThePlansUnits(): void
    {
        [$code, , $wrong] = iterator_to_array(LineFindingsTest::findings())[$this->dataName()];
        $finding = self::found(
            PartFields::changed($wrong->plan, ['units' => new UnitPreferences(Unit::UsGallon, Unit::Inch, Unit::Pound, Unit::Psi, Unit::Fahrenheit)]),
            $code,
        );
        self::assertDoesNotMatchRegularExpression('/\d\s*(mm|m|kPa|L|mL|kg|°C)\b/u', self::plain($finding->title.' '.$finding->why));
    }

    public function testEveryRowOfTheFindingsHasItsWords(): void
    {
        self::assertSame(array_keys(iterator_to_array(LineFindingsTest::findings())), array_keys(iterator_to_array(self::words())));
    }

    private static function found(Plan $plan, string $code): SentFinding
    {
        return array_values(
            array_filter(Assessor::assess($plan, 'line', SampleLines::stock())->findings, static fn (SentFinding $one): bool => $code === $one->code),
        )[0];
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
