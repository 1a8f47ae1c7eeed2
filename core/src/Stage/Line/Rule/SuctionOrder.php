<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** Before a pump stand a valve and a strainer, and nothing that belongs behind it. */
final class SuctionOrder implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->pumps as $pump) {
            if (PartKind::SubmersiblePump === $pump->kind || SourceSide::isBackwards($pump, $graph)) {
                continue;
            }
            $in = $pump->reversed ? PartPort::Out : PartPort::In;
            $before = SourceSide::partsBefore($pump, $in, $graph);
            $has = static fn (PartKind $kind): ?PlannedPart => array_values(array_filter($before, static fn (PlannedPart $part): bool => $kind === $part->kind))[0] ?? null;
            $behind = $graph->pipeAt($pump, $pump->reversed ? PartPort::In : PartPort::Out)?->pipe;
            $pipe = $graph->pipeAt($pump, $in)?->pipe;
            if (null === $has(PartKind::Strainer) && !$pump->kind->isByHand() && null !== $pipe) {
                $findings[] = new Finding(LineFinding::StrainerMissing, [$pump->id], new Measure(0.0, 1.0, ''), \sprintf('%s draws without a strainer', $pump->name), 'Swarf from the tank’s holes and grit from a hose end in its valves, and it pumps no more.', static fn (): array => LineFixes::over($workings)->into($pipe, LineFixes::byBore('strainer', $pipe), 'before '.$pump->name));
            }
            $filter = $has(PartKind::Filter);
            if (null !== $filter) {
                $findings[] = new Finding(LineFinding::FilterBeforePump, [$filter->id], new Measure(1.0, 0.0, ''), \sprintf('%s stands before the pump', $filter->name), \sprintf('%s has to pull the water through it, and the finer it is the sooner it starves; a strainer belongs there, the filter behind the pump.', $pump->name), static fn (): array => LineFixes::over($workings)->moved($filter, $behind, 'behind '.$pump->name));
            }
            $vessel = $has(PartKind::Accumulator);
            if (null !== $vessel) {
                $findings[] = new Finding(LineFinding::VesselBeforePump, [$vessel->id], new Measure(1.0, 0.0, ''), \sprintf('%s stands before the pump', $vessel->name), 'On that side there is hardly a pressure to fill it, and behind the pump, where it would answer a trickle, there is none.', static fn (): array => LineFixes::over($workings)->moved($vessel, $behind, 'behind '.$pump->name));
            }
        }

        return $findings;
    }
}
