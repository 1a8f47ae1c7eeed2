<?php

// What is said on every stage. How to change them: docs/adding.md.

return [
    'frame.verbatim' => '{text}',
    'frame.sum.units' => 'Worked out in {units}.',
    'frame.list' => '{others} and {last}',
    'frame.cost' => 'It would also mean: {snags}.',
    'frame.cost.worse' => 'Worse: {snags}.',

    'frame.new-plan' => 'New plan',
    'frame.input.no-header-tank' => 'This system needs a tank above the taps, and the first plan of this rig has none. Begin with another system, for example a pump with an accumulator; once you have added a high tank, choose this one on Line.',
    'frame.input.no-drinking-tank' => 'This system needs a tank or cans for drinking water, and this plan has none. Begin with another system; once you have added drinking water, choose this one on Line.',
    'frame.input.no-rig' => 'There is no rig “{rig}”. Choose one of these: {rigs}.',
    'frame.input.missing' => 'This is missing.',
    'frame.schema.assessment' => 'Yard Cask assessment: everything that it says about a plan',
    'frame.schema.page' => 'A stage on paper',
    'frame.schema.drawing' => 'A stage with its whole drawing',

    'frame.severity.stop' => 'Stop',
    'frame.severity.fix' => 'To fix',
    'frame.severity.watch' => 'Worth knowing',

    'frame.valve.open' => 'clear',
    'frame.valve.half' => 'something to fix',
    'frame.valve.shut' => 'stopped',
    'frame.valve.not-begun' => 'not begun',

    'frame.snags.stop' => '{worst, plural, one {stop} other {stops}}, {others} to fix',
    'frame.snags.fix' => 'to fix, {others} worth knowing',
    'frame.snags.watch' => 'worth knowing',
];
