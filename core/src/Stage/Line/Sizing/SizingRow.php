<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One size that can be had, as it would do in the line. */
final readonly class SizingRow implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<string> $cells
     */
    public function __construct(
        public string $name,
        /** As the table’s columns have it. */
        #[ListOf('string')]
        public array $cells,
        /** Whether it does what is wanted. */
        public bool $does,
        /** Whether it is the cheapest that does. */
        public bool $smallest,
        /** Whether it stands in the line now. */
        public bool $present,
        /** What puts it in; none of the one that is there. */
        public ?SentFix $fix,
    ) {
    }
}
