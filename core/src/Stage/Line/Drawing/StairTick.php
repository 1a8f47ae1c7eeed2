<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** A line across the stair. */
final readonly class StairTick implements Sent
{
    public function __construct(
        public float $kpa,
        public string $text,
    ) {
    }
}
