<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** Sizes of one sort, tried one after the other. */
final readonly class SizingTable implements Sent
{
    /**
     * @param list<string> $columns
     * @param list<SizingRow> $rows
     */
    public function __construct(
        public string $id,
        public string $title,
        /** What is wanted, in words. */
        public string $wanted,
        #[ListOf('string')]
        public array $columns,
        #[ListOf(SizingRow::class)]
        public array $rows,
    ) {
    }

    /**
     * The cheapest row that does what is wanted is marked.
     *
     * @param list<string> $columns
     * @param list<array{float, SizingRow}> $rows each with its price
     */
    public static function cheapestFirst(string $id, string $title, string $wanted, array $columns, array $rows): self
    {
        usort($rows, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $found = false;
        $sized = [];
        foreach ($rows as [, $row]) {
            $sized[] = new SizingRow($row->name, $row->cells, $row->does, $row->does && !$found, $row->present, $row->fix);
            $found = $found || $row->does;
        }

        return new self($id, $title, $wanted, $columns, $sized);
    }
}
