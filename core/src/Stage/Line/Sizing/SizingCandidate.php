<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\Fix;

/** One size that can be had, before it has been tried on the whole plan. */
final readonly class SizingCandidate
{
    /** @param list<string> $cells */
    public function __construct(
        public float $price,
        public string $name,
        public array $cells,
        /** Whether it does what its table wants. */
        public bool $does,
        /** What puts it in; null where it is there. */
        public ?Fix $fix,
    ) {
    }
}
