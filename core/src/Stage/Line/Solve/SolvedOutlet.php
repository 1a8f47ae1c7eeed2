<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PlannedPart;

/** What an outlet gives. */
final readonly class SolvedOutlet
{
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

    public function isEnough(): bool
    {
        return $this->lpm >= $this->figures->leastLpm && $this->kpa >= $this->figures->leastKpa;
    }
}
