<?php

// What the stage Use says. How to change them: docs/adding.md.

return [
    'use.title' => 'Use',

    // The sentence at the top; its figure stands in square brackets.
    'use.answer.nothing' => 'You use [{needed}] so far.',
    'use.answer.nothing.why' => 'Add what you use water for, and the litres follow.',
    'use.answer.can' => 'One can of [{can}] is enough.',
    'use.answer.can.why' => 'The stay needs {needed}, {daily} a day. You need no tank.{kept, select, yes { Drinking water is separate: {drinking}.} other {}}',
    'use.answer.carry' => 'Carry [{needed}] for {stay}.',
    'use.answer.carry.why' => 'You use {daily} a day; {share} of it goes on “{use}”. You will probably need between {low} and {high}.{kept, select, yes { Drinking water is separate: {drinking}.} other {}}{daily_can, select, yes { There is a tap nearby every day: a {can} can filled daily would do.} other {}}',

    // Snags
    'use.short.title' => 'You are {short} short for {stay}',
    'use.short.title.no-tank' => 'There is no tank for the main supply yet',
    'use.short.why' => 'The stay needs {litres_needed} with its {reserve} reserve. {when, select, brim {The tanks give {litres_usable}} other {You can draw {litres_usable} from the tanks as they travel, and there is no tap to fill them on arrival}}{known, select, yes {: enough for {lasts}.} other {.}}',
    'use.short.why.no-tank' => 'The stay needs {litres_needed} with its {reserve} reserve, and there is nothing to hold it.',
    'use.short.look' => 'Change the days',
    'use.short.meaning' => 'The water aboard when the stay begins is less than the stay needs with its reserve. The tanks count as brim full where there is a tap on arrival, and as they travel where there is none.',
    'use.drinking-missing.title' => 'There is no drinking water in the plan',
    'use.drinking-missing.why' => 'No use is for drinking. At {each} per person per day, this stay needs {litres}.',
    'use.drinking-missing.meaning' => 'No use is called drinking, and none draws from the drinking supply.',
    'use.drinking-short.title' => 'You are {short} short of drinking water',
    'use.drinking-short.title.none' => 'There is nothing to hold the drinking water',
    'use.drinking-short.why' => 'The crew needs {litres_needed} of separate drinking water; the cans for it give {litres_held}.',
    'use.drinking-short.why.none' => 'The crew needs {litres_needed} of separate drinking water, and there is no can for it.',
    'use.drinking-short.look' => 'Change the days',
    'use.drinking-short.meaning' => 'Drinking water is kept separate, but its cans hold less than the crew needs.',
    'use.drain-missing.title' => 'There is no tank for the water from “{use}”',
    'use.drain-missing.why' => 'The tank that it drained into is no longer in the plan, or is not for waste water.',
    'use.drain-missing.meaning' => 'A use drains into a tank that is not in the plan or is not for waste.',
    'use.drains-outside.title' => '{litres} of used water drains onto the ground',
    'use.drains-outside.why' => 'There is no waste tank. Used water that stays aboard weighs as much as it did fresh, in another place; with a waste tank, every limit is checked with it aboard.',
    'use.drains-outside.meaning' => 'Used water drains outside and there is no waste tank.',
    'use.can-enough.title' => 'A can would do',
    'use.can-enough.title.daily' => 'A can would do, filled every day',
    'use.can-enough.why' => 'The whole stay needs {litres}. One {can} can holds that, comes out to be filled at any tap, and needs no plumbing under the floor.',
    'use.can-enough.why.daily' => 'Serviced sites have a tap every day, and a day needs {litres} at most. One {can} can holds that.',
    'use.can-enough.meaning' => 'A fixed tank is planned where one can would do: for the whole stay, or for a day on serviced sites.',

    // Buttons
    'use.fix.travel-fuller' => '{rig, select, boat {Sail} other {Travel}} with {litres}',
    'use.fix.shorten' => 'Cut “{use}” from {minutes_now} to {minutes}',
    'use.fix.add-cans' => 'Add {cans, plural, one {a {litres} can} other {# cans of {litres}}}',
    'use.fix.fill-every' => 'Fill up every {days, plural, one {day} other {# days}}',
    'use.fix.place-tank' => 'Add a tank of {litres}',
    'use.fix.more-alike' => 'Add {more, plural, one {one more} other {# more}} like {tank}',
    'use.fix.add-drinking-cans' => 'Add {cans, plural, one {a {litres} drinking can} other {# drinking cans of {litres}}}',
    'use.fix.drink-from-main' => 'Drink from the main tank',
    'use.fix.add-drinking' => 'Add separate drinking water',
    'use.fix.add-drinking-main' => 'Add drinking from the main tank',
    'use.fix.drain-into' => 'Drain it into {tank}',
    'use.fix.drain-outside' => 'Drain it outside',
    'use.fix.add-waste' => 'Add a waste tank of {litres}',
    'use.fix.can-instead' => 'Carry a {can} can instead of {tanks}',
    'use.fix.can-instead.daily' => 'Carry a {can} can instead of {tanks}, filled daily',

    // Sight glass
    'use.glass.carried' => 'Carried and needed',
    'use.glass.carried.beside' => 'of {litres_needed}{less, select, yes {, {litres_travel} {rig, select, boat {under way} other {on the road}}} other {}}',
    'use.glass.lasts' => 'Lasts',
    'use.glass.lasts.beside' => 'of {stay}{less, select, yes {, {travel} if not filled up} other {}}',
    'use.glass.drinking' => 'Drinking',
    'use.glass.drinking.beside' => 'of {litres}',

    // Where a use can drain to
    'use.drain.outside' => 'outside',
    'use.drain.nothing' => 'nothing left to drain',

    // Cautions
    'use.caution.wholesome' => 'Water for drinking must stay wholesome: use materials approved for drinking water, and test or treat water from an unknown source. Your local health authority has the last word.',
    'use.caution.used-water' => 'Used water harms the ground and streams: empty it only where the site or your local authority allows it.',

    // Figures: label, formula and source
    'use.figure.use-stay.label' => '{use}, whole stay',
    'use.figure.use-stay.formula' => '{by, select, flow {flow × minutes × times} other {litres × times}}{each, select, person { × people} other {}}{per, select, day { × days} other {}}',
    'use.figure.use-daily.label' => '{use}, a day',
    'use.figure.stay.label' => '{supply, select, drinking {Drinking} other {Needed}}, without reserve',
    'use.figure.stay.formula' => 'sum of the uses',
    'use.figure.daily.label' => '{supply, select, drinking {Drinking} other {Needed}}, a day',
    'use.figure.daily.formula' => 'stay ÷ days',
    'use.figure.needed.label' => '{supply, select, drinking {Drinking} other {Needed}}',
    'use.figure.needed.formula' => 'stay × (1 + reserve)',
    'use.figure.spread.label' => '{supply, select, drinking {Drinking} other {Needed}}, {end, select, low {if you are careful} other {if you are generous}}',
    'use.figure.spread.formula' => 'Σ stay × (1 {end, select, low {−} other {+}} spread) × (1 + reserve)',
    'use.figure.aboard.label' => 'Usable water when the stay begins',
    'use.figure.aboard.formula' => 'brim full: there is a tap on arrival',
    'use.figure.aboard-travel.label' => 'Usable {rig, select, boat {under way} other {on the road}}',
    'use.figure.aboard-travel.formula' => 'water above the outlets, as the tanks travel',
    'use.figure.lasts.label' => 'Lasts',
    'use.figure.lasts-travel.label' => 'Lasts if not filled up on arrival',
    'use.figure.lasts.formula' => '(usable ÷ (1 + reserve) − uses per stay) ÷ uses per day, rounded down',
    'use.source.entered' => 'Counted from what is entered here.',
    'use.source.spread' => 'Spreads add up: someone careful with water is careful with all of it.',
    'use.source.stay' => 'How the crew stays.',
    'use.source.solid' => 'Solid geometry of the insides of the tanks.',
    'use.source.lasts' => 'Days until you reach the reserve.',

    // What goes into the sums
    'use.sum.flow' => 'flow',
    'use.sum.minutes' => 'minutes',
    'use.sum.litres' => 'each time',
    'use.sum.times' => 'times {per}',
    'use.sum.people' => 'people',
    'use.sum.days' => 'days',
    'use.sum.reserve' => 'reserve',
    'use.sum.spread' => 'spread',
    'use.sum.spread.own' => 'of each use',
    'use.sum.per-stay' => 'uses per stay',
    'use.sum.per-day' => 'uses per day',
];
