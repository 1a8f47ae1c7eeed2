<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Stage\Line\Mode\LineMode;

/** The highest pressure somewhere: what stands there, and what a shock adds to it. */
final readonly class PeakPressure
{
    public function __construct(
        public float $standingKpa,
        public float $shockKpa,
        /** The mode in which it stands so high. */
        public LineMode $mode,
    ) {
    }

    public function kpa(): float
    {
        return $this->standingKpa + $this->shockKpa;
    }
}
