<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

/** Something in the plan that notes are about. */
final readonly class NotedPart
{
    public function __construct(
        public string $id,
        /** What it was called when it was noted on last. */
        public string $name,
    ) {
    }
}
