<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What size of each part would do. */
final readonly class SizingOffer implements Sent
{
    use SentAsDeclared;

    /**
     * @param list<SizingTable> $tables
     */
    public function __construct(
        #[ListOf(SizingTable::class)]
        public array $tables,
    ) {
    }
}
