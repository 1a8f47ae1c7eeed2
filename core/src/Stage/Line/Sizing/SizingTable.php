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
}
