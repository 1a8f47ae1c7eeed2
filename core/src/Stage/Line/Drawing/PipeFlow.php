<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** What flows through a pipe in a scene. */
final readonly class PipeFlow implements Sent
{
    public function __construct(
        public string $pipe,
        /** Positive along the pipe. */
        public float $lpm,
        public float $mps,
        /** “4.6 L/min, 0.6 m/s, 196 kPa”; empty where nothing flows. */
        public string $words,
        /** Where it begins, in the plan’s unit: “196”. */
        public string $pressure,
    ) {
    }
}
