<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** How much higher the tank stands than it does, and what comes then. */
final readonly class ChartPoint implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public float $raiseM,
        public float $lpm,
    ) {
    }
}
