<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\FixTrial;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Search\Watch;

/** Tries every pump, accumulator, filter and pipe in the catalogue, and marks the cheapest that is good enough. */
final class LineSizing
{
    /** @param FixTrial $trial of the plan, on which every size is tried before it is marked */
    public static function over(Workings $workings, FixTrial $trial, Watch $watch): SizingOffer
    {
        $work = new SizingWork($workings, $trial);
        $searches = [];
        foreach ($work->line->graph->pumps as $pump) {
            $searches[] = static fn () => PumpTable::of($pump, $work);
            $searches[] = static fn () => VesselTable::of($pump, $work);
            $searches[] = static fn () => WireTable::of($pump, $work);
        }
        foreach ($work->line->graph->parts(PartKind::Filter) as $filter) {
            $searches[] = static fn () => FilterTable::of($filter, $work);
        }
        $searches[] = static fn () => BoreTable::of($work);
        $tables = [];
        foreach ($searches as $done => $search) {
            $watch->tell($done, \count($searches));
            if ($watch->isOver()) {
                break;
            }
            array_push($tables, ...$search());
        }

        return new SizingOffer($tables);
    }
}
