<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** An outlet beside each outlet of the line, itself among them: there it runs alone. */
final readonly class PairRow implements Sent
{
    /** @param list<PairCell> $with in the order of the table's rows */
    public function __construct(
        public string $name,
        #[ListOf(PairCell::class)]
        public array $with,
    ) {
    }
}
