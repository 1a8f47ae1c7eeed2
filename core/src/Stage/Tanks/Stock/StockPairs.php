<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockTank;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Search\Unwatched;
use YardCask\Core\Search\Watch;

/** Tries tanks that can be had two by two: in one bay or in two, in place of a tank of the plan or beside all of them. */
final readonly class StockPairs
{
    /** Of a bay's tanks that no other there beats, how many are tried in pairs. */
    private const MOST_PER_BAY = 9;

    /** @param list<StockTank> $stock */
    private function __construct(private array $stock, private StockRows $rows, private Watch $watch)
    {
    }

    /**
     * @param list<StockTank> $stock
     * @param string|null $replaced the id of the tank whose place is to be filled; null to add two
     * @param PartStock $parts with which what is put in is joined to the line
     */
    public static function over(Plan $plan, array $stock, ?string $replaced, PartStock $parts, Watch $watch = new Unwatched()): StockOffer
    {
        $places = new StockPlaces($plan, $replaced);
        $rows = (new self($stock, new StockRows($places, $parts), $watch))->rowsIn($plan->bays);

        return StockOffer::of($rows, $places->tried());
    }

    /**
     * @param list<PlannedBay> $bays
     *
     * @return list<StockRow>
     */
    private function rowsIn(array $bays): array
    {
        $rows = $best = [];
        foreach ($bays as $index => $bay) {
            $this->watch->tell($index, 2 * \count($bays));
            $best[$index] = $this->bestIn($bay);
        }
        foreach ($bays as $index => $bay) {
            $this->watch->tell(\count($bays) + $index, 2 * \count($bays));
            array_push($rows, ...$this->pairsIn($bay, $best[$index]));
            foreach (\array_slice($bays, 0, $index) as $before => $other) {
                foreach ($best[$index] as $one) {
                    foreach ($this->watch->isOver() ? [] : $best[$before] as $two) {
                        $rows[] = $this->rows->pair($two, $other, $one, $bay);
                    }
                }
            }
        }

        return array_values(array_filter($rows));
    }

    /** @return list<StockTank> those of the bay that no other there beats in water and in what they leave */
    private function bestIn(PlannedBay $bay): array
    {
        $rows = [];
        $stock = [];
        foreach ($this->stock as $one) {
            if ($this->watch->isOver()) {
                break;
            }
            $row = $this->rows->inBay($one, $bay);
            if (null !== $row) {
                $rows[] = $row;
                $stock[$row->id] = $one;
            }
        }

        return array_map(static fn (StockRow $row): StockTank => $stock[$row->id], \array_slice(StockOffer::best($rows), 0, self::MOST_PER_BAY));
    }

    /**
     * Two tanks in one bay, the larger first.
     *
     * Both have to go in, so only those are tried whose boxes together have room in it.
     *
     * @param list<StockTank> $stock
     *
     * @return list<StockRow>
     */
    private function pairsIn(PlannedBay $bay, array $stock): array
    {
        $roomL = $bay->lengthMm * $bay->widthMm * $bay->heightMm / 1e6;
        usort($stock, static fn (StockTank $a, StockTank $b): int => self::outsideL($b) <=> self::outsideL($a));
        $rows = [];
        foreach ($stock as $index => $one) {
            if ($this->watch->isOver()) {
                break;
            }
            // The largest that goes in beside it is the one that counts.
            foreach (\array_slice($stock, $index) as $other) {
                $row = self::outsideL($one) + self::outsideL($other) > $roomL || !self::areApartIn($bay, $one, $other)
                    ? null
                    : $this->rows->pair($one, $bay, $other, $bay);
                if (null !== $row) {
                    $rows[] = $row;
                    break;
                }
            }
        }

        return $rows;
    }

    /** Whether two upright tanks fit beside, behind or above each other, ignoring obstructions. */
    private static function areApartIn(PlannedBay $bay, StockTank $one, StockTank $other): bool
    {
        $slimMm = min($one->lengthMm, $one->widthMm) + min($other->lengthMm, $other->widthMm);

        return $slimMm <= max($bay->lengthMm, $bay->widthMm) || $one->heightMm + $other->heightMm <= $bay->heightMm;
    }

    private static function outsideL(StockTank $stock): float
    {
        return $stock->lengthMm * $stock->widthMm * $stock->heightMm / 1e6;
    }
}
