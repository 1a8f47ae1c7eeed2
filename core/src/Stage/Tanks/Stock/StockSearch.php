<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Search\Unwatched;
use YardCask\Core\Search\Watch;

/** Tries every tank that can be had in every bay, turned or not, in place of a tank of the plan or beside all of them. */
final class StockSearch
{
    /**
     * @param list<StockTank> $stock
     * @param string|null $replaced the id of the tank whose place is to be filled; null to add one
     * @param PartStock $parts with which what is put in is joined to the line
     */
    public static function over(Plan $plan, array $stock, ?string $replaced, PartStock $parts, Watch $watch = new Unwatched()): StockOffer
    {
        $places = new StockPlaces($plan, $replaced);
        $each = new StockRows($places, $parts);
        $rows = [];
        foreach ($stock as $done => $one) {
            $watch->tell($done, \count($stock));
            if ($watch->isOver()) {
                break;
            }
            $fitting = array_values(array_filter(array_map(static fn (PlannedBay $bay): ?StockRow => $each->inBay($one, $bay), $plan->bays)));
            array_push($rows, ...([] === $fitting ? [$each->nowhere($one)] : $fitting));
        }

        return StockOffer::of($rows, $places->tried());
    }
}
