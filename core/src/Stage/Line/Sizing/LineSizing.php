<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\FixTrial;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Plan;

/** Tries every pump, accumulator, filter and pipe in the catalogue, and marks the cheapest that is good enough. */
final class LineSizing
{
    /** @param FixTrial $trial of the plan, on which every size is tried before it is marked */
    public static function over(Workings $workings, FixTrial $trial): SizingOffer
    {
        $work = new SizingWork($workings, $trial);
        $tables = [];
        foreach ($work->line->graph->pumps as $pump) {
            array_push($tables, ...PumpTable::of($pump, $work), ...VesselTable::of($pump, $work), ...WireTable::of($pump, $work));
        }
        foreach ($work->line->graph->parts(PartKind::Filter) as $filter) {
            array_push($tables, ...FilterTable::of($filter, $work));
        }

        return new SizingOffer([...$tables, ...BoreTable::of($work)]);
    }
}
