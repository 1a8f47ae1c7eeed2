<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** Some of the records that count, the latest to happen first. */
final readonly class RecordPage implements Sent
{
    public const LENGTH = 100;

    /** @param list<KeptRecord> $records */
    public function __construct(
        #[ListOf(KeptRecord::class)]
        public array $records,
        /** How many there are on all pages. */
        public int $total,
    ) {
    }
}
