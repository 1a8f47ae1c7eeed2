<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drain;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Use\PlannedUse;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/** The traps of sinks and trays, which hold waste water through the winter. */
final class Traps
{
    /** What one of 40 mm holds. A rule of thumb. */
    public const LITRES = 0.25;

    /** @return list<PlannedPart> the outlets that stand over one; none where nothing drains */
    public static function below(Workings $workings): array
    {
        $drained = array_filter($workings->plan->use->uses, static fn (PlannedUse $use): bool => PlannedUse::NOTHING !== $use->drainsTo);

        return [] === $drained
            ? []
            : $workings->of(LineGraph::class)->parts(PartKind::Tap, PartKind::SwitchedTap, PartKind::MixerTap, PartKind::Shower);
    }
}
