<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Stock;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What could be put into a plan: the rows that fit first, those that give most water before others. */
final readonly class StockOffer implements Sent
{
    /**
     * @param list<StockRow> $rows
     * @param list<string> $best
     */
    private function __construct(
        #[ListOf(StockRow::class)]
        public array $rows,
        /** The ids of those that no other beats in both water and what it leaves. */
        #[ListOf('string')]
        public array $best,
        /** How many tanks, places and turns were tried. */
        public int $tried,
    ) {
    }

    /** @param list<StockRow> $rows */
    public static function of(array $rows, int $tried): self
    {
        usort(
            $rows,
            static fn (StockRow $a, StockRow $b): int => [
                $b->fits(),
                $b->usableL,
                $a->price,
                $a->name,
            ] <=> [$a->fits(), $a->usableL, $b->price, $b->name],
        );
        $fitting = array_filter($rows, static fn (StockRow $row): bool => $row->fits());

        return new self($rows, array_column(self::best(array_values($fitting)), 'id'), $tried);
    }

    /**
     * Those that no other beats: walking down from the most water, each that leaves more than all before it.
     *
     * @param list<StockRow> $rows
     *
     * @return list<StockRow>
     */
    public static function best(array $rows): array
    {
        usort($rows, static fn (StockRow $a, StockRow $b): int => [$b->usableL, $b->spareKg] <=> [$a->usableL, $a->spareKg]);
        $best = [];
        $last = null;
        foreach ($rows as $row) {
            if (null === $last || !$last->beats($row)) {
                $best[] = $last = $row;
            }
        }

        return $best;
    }
}
