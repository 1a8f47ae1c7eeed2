<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\FilterService;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;

/** Every filter in the catalogue that is about as fine and could replace one. */
final class FilterTable
{
    /** @return list<SizingTable> none for a filter without figures */
    public static function of(PlannedPart $filter, SizingWork $work): array
    {
        $wording = $work->wording;
        $present = $filter->figures;
        if (!$present instanceof FilterFigures) {
            return [];
        }
        $daily = FilterService::of($filter, $work->workings)?->litresADay() ?? 0.0;
        $rows = [];
        foreach ($work->stock->parts(PartKind::Filter) as $stock) {
            if (!$stock->figures instanceof FilterFigures || $stock->figures->finenessUm > 2 * $present->finenessUm) {
                continue;
            }
            $draft = LineDraft::of($work->workings->plan)->swapped($filter, $stock);
            $line = $work->workings->with($draft->plan())->of(LineWorkings::class);
            $worst = $line->worst();
            $old = null === $worst ? null : $line->solve(new LineCase([$worst->part->id], worn: true))->outlets[$worst->part->id];
            $does = null !== $old && $old->isEnough();
            $days = $daily > 0 ? $stock->figures->lifeL / $daily : null;
            $isThere = $stock->id === $filter->stock;
            $rows[] = new SizingCandidate($stock->make->price, $wording->catalogueName($stock->name), [
                null === $worst ? '' : $worst->part->name.' '.$wording->flow($worst->lpm),
                null === $old ? '' : $wording->flow($old->lpm),
                null === $days ? '' : $wording->days(round(min($days, FilterService::DAYS_A_MONTH * $stock->figures->lifeMonths))),
                (string) round($stock->make->price),
            ], $does, $isThere ? null : SizingWork::replacing($stock, $filter, $draft));
        }

        $columns = $work->columns(['line.sizing.column.worst', 'line.sizing.column.worn', 'line.sizing.column.lasts', 'line.sizing.column.price']);

        return [SizingTable::cheapestFirst('filter-'.$filter->id, $filter->name, $wording->text('line.sizing.filter'), $columns, $rows, $work)];
    }
}
