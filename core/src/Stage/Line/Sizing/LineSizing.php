<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Plan;

/** Tries every pump, accumulator, filter and pipe in the catalogue, and marks the cheapest that is good enough. */
final class LineSizing
{
    public static function over(Plan $plan, PartStock $stock): SizingOffer
    {
        $work = new SizingWork(Workings::over($plan, $stock));
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
