<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;

/** The pressure along the water to an outlet, a step for each part. */
final readonly class PressureStair implements Sent
{
    /**
     * @param list<StairStep> $steps
     * @param list<StairTick> $ticks
     */
    public function __construct(
        public string $outlet,
        public string $title,
        #[ListOf(StairStep::class)]
        public array $steps,
        #[ListOf(StairTick::class)]
        public array $ticks,
        /** What is left at the outlet. */
        public string $end,
    ) {
    }
}
