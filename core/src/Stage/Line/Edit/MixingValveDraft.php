<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineWorkings;

/** A mixing valve behind a heater, with cold from before it. */
final class MixingValveDraft
{
    /** @return LineDraft|null null where the catalogue has none, or no pipe leads to the heater and from it */
    public static function behind(PlannedPart $heater, LineDraft $draft, Workings $workings): ?LineDraft
    {
        $stock = $workings->stock;
        $graph = $workings->of(LineWorkings::class)->graph;
        $out = $graph->pipeAt($heater, $heater->leavesAt())?->pipe;
        $hose = $stock->usualPipe(UsualFor::HotPipe);
        [$valve, $tee] = [$stock->usual(UsualFor::HotMixing), $stock->usual(UsualFor::Tee, $hose?->tube)];
        $before = array_values(
            array_filter(
                SourceSide::partsBefore($heater, $heater->entersAt(), $graph),
                static fn (PlannedPart $part): bool => PartKind::NonReturn === $part->kind,
            ),
        );
        $cold = [] === $before
            ? $graph->pipeAt($heater, PartPort::In)?->pipe
            : $graph->pipeAt($before[0], $before[0]->reversed ? PartPort::Out : PartPort::In)?->pipe;
        if (null === $out || null === $valve || null === $tee || null === $hose || null === $cold) {
            return null;
        }
        [$part, $with] = $draft->withNew($valve);
        $heaterOut = $heater->port($heater->leavesAt());
        $far = $out->from === $heaterOut ? $out->to : $out->from;

        return $with->withoutPipes([$out])
            ->joined($heaterOut, $part->port(PartPort::Hot), $hose)
            ->joined($part->port(PartPort::Out), $far, $hose)
            ->branchedTo($cold, $tee, $part->port(PartPort::Cold));
    }
}
