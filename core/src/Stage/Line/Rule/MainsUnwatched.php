<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\SnagText;

/** A boat on mains sinks while nobody is aboard when a joint lets go. */
final class MainsUnwatched implements Rule
{
    public function check(Workings $workings): array
    {
        $hasInlet = [] !== $workings->of(LineWorkings::class)->graph->parts(PartKind::MainsInlet);
        if (!$hasInlet || !$workings->plan->load->rig instanceof PlannedBoat) {
            return [];
        }
        $text = new SnagText('line.mains-unwatched.title', 'line.mains-unwatched.why');

        return [new Finding(LineFinding::MainsUnwatched, [], new Measure(1.0, 0.0, ''), $text, static fn (): array => [])];
    }
}
