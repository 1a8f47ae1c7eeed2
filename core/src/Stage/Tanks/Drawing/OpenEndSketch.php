<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** The highest point of an open hose over the cut of a tilted tank. */
final readonly class OpenEndSketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $name,
        /** From the front or left wall of the tank; it may lie beyond its walls. */
        public float $atMm,
        /** Above the tank's floor. */
        public float $heightMm,
        public bool $spills,
    ) {
    }
}
