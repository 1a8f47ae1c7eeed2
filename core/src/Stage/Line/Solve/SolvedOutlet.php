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

    public function isWasteful(): bool
    {
        return $this->lpm > self::WASTED * $this->figures->mostLpm;
    }

    public function isEnough(): bool
    {
        return $this->lpm >= $this->figures->leastLpm && $this->kpa >= $this->figures->leastKpa;
    }
}
