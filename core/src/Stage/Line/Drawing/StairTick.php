<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A line across the stair. */
final readonly class StairTick implements Sent
{
    use SentAsDeclared;

    public function __construct(
        public float $kpa,
        public string $text,
    ) {
    }
}
