<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Tank\TankVolume;

/** A planned tank with its place in the plan's list and its volumes. */
final readonly class TankWorking
{
    public function __construct(
        public int $index,
        public PlannedTank $tank,
        public TankVolume $volume,
    ) {
    }

    public function pointer(): string
    {
        return '/tanks/'.$this->index;
    }

    /** Litres between the lid and what can be drawn, as fractions of the whole inside. */
    public function belowOutletShare(): float
    {
        return $this->volume->belowOutletL / $this->volume->grossL;
    }

    public function aboveOverflowShare(): float
    {
        return $this->volume->aboveOverflowL / $this->volume->grossL;
    }
}
