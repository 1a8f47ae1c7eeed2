<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PlannedPart;

/** What an outlet gives. */
final readonly class SolvedOutlet
{
    /** Its flow against the most that is of use: more than so many times that is waste. */
    public const WASTED = 1.5;
    private const DRY_LPM = 0.01;

    public function __construct(
        public PlannedPart $part,
        public OutletFigures $figures,
        public float $lpm,
        /** Before its spout. */
        public float $kpa,
        /** Of the water that comes out. */
        public float $c,
        /** How much of it is hot, from 0 to 1. */
        public float $hotShare,
    ) {
    }

    /** What it gets of what it needs, of flow or of pressure, whichever is less: 1 is just enough. */
    public function share(): float
    {
        return min($this->lpm / $this->figures->leastLpm, $this->pressureShare());
    }

    /** Whether pressure is what it is nearest to lacking, or lacks most. */
    public function isShortOfPressure(): bool
    {
        return $this->pressureShare() < $this->lpm / $this->figures->leastLpm;
    }

    /** Whether as good as nothing comes out. */
    public function isDry(): bool
    {
        return $this->lpm <= self::DRY_LPM;
    }

    private function pressureShare(): float
    {
        return $this->figures->leastKpa > 0 ? $this->kpa / $this->figures->leastKpa : \INF;
    }

    public function isWasteful(): bool
    {
        return $this->lpm > self::WASTED * $this->figures->mostLpm;
    }

    public function isEnough(): bool
    {
        return $this->lpm >= $this->figures->leastLpm && $this->kpa >= $this->figures->leastKpa;
    }
}
