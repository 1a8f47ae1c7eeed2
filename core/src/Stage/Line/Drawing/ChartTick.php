<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** A line of a chart with its figure. */
final readonly class ChartTick implements Sent
{
    public function __construct(
        public float $at,
        public string $text,
    ) {
    }
}
