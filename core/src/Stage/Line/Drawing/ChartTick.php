<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A line of a chart with its figure. */
final readonly class ChartTick implements Sent
{
    use SentAsDeclared;

    public function __construct(
        public float $at,
        public string $text,
    ) {
    }
}
