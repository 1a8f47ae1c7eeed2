<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** What was proven to clear a finding. */
final readonly class FindingFixes implements Sent
{
    /** @param list<SentFix> $fixes the ones without a cost first */
    public function __construct(
        /** The finding's. */
        public string $key,
        #[ListOf(SentFix::class)]
        public array $fixes,
    ) {
    }
}
