<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What size of each part would do. */
final readonly class SizingOffer implements Sent
{
    /**
     * @param list<SizingTable> $tables
     */
    public function __construct(
        #[ListOf(SizingTable::class)]
        public array $tables,
    ) {
    }
}
