<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Output\Sent;

/** The figure that a finding is about and the limit that it breaks, in the same SI unit. */
final readonly class Measure implements Sent
{
    public function __construct(
        public float $value,
        public float $limit,
        public string $unit,
    ) {
    }

    /** By how much the limit is broken. */
    public function excess(): float
    {
        return abs($this->value - $this->limit);
    }
}
