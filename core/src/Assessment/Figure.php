<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** A computed number, and how it reads in the plan's units. Its sum is worked out when it is asked for. */
final readonly class Figure implements Sent
{
    public function __construct(
        public string $id,
        public string $label,
        /** In SI units. */
        public float $value,
        /** The figure alone, rounded for reading. */
        public string $figure,
        /** The unit's symbol; empty for a count. */
        public string $symbol,
        /** Figure and symbol as they read in a sentence. */
        public string $text,
    ) {
    }
}
