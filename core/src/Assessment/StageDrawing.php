<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** A stage that is looked at, drawn whole, and what can be added there. */
final readonly class StageDrawing implements Sent
{
    /** @param list<SentFix> $additions */
    public function __construct(
        public Drawing $drawing,
        #[ListOf(SentFix::class)]
        public array $additions,
    ) {
    }
}
