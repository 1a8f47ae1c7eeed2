<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Words\Phrase;

/** A shower for a line that has none: a cold one, branched off the pipe to the first outlet. */
final class ShowerBranch
{
    /** Whether somebody can shower at an outlet of the line, or there is no outlet at all yet. */
    public static function isThere(Workings $workings): bool
    {
        $graph = $workings->of(LineGraph::class);

        return [] === $graph->outlets || [] !== $graph->parts(PartKind::Shower, PartKind::OutsidePoint);
    }

    /** @return list<Fix> none where the line has no pipe to branch off or the catalogue no part for it */
    public static function fixes(Workings $workings): array
    {
        $draft = self::draft($workings->plan, $workings->stock);

        return null === $draft ? [] : [new Fix(new Phrase('use.fix.fit-shower'), $draft->patch())];
    }

    private static function draft(Plan $plan, PartStock $stock): ?LineDraft
    {
        $pipe = self::pipe(LineGraph::of($plan));
        $tee = $stock->usual(UsualFor::Tee, $pipe?->tube);
        $shower = $stock->usual(UsualFor::Shower);

        return null === $pipe || null === $tee || null === $shower ? null : LineDraft::of($plan)->branched($pipe, $tee, $shower);
    }

    /** The cold pipe to the first outlet that has one. */
    private static function pipe(LineGraph $graph): ?PlannedPipe
    {
        foreach ($graph->outlets as $outlet) {
            $pipe = self::cold($outlet, $graph);
            if (null !== $pipe) {
                return $pipe;
            }
        }

        return null;
    }

    private static function cold(PlannedPart $outlet, LineGraph $graph): ?PlannedPipe
    {
        return $graph->pipeAt($outlet, $outlet->kind->mixes() ? PartPort::Cold : PartPort::In)?->pipe;
    }
}
