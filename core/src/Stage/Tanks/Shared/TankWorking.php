<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Tank\TankVolume;

/** A planned tank with its place in the plan's list and its volumes; litres are those of all that are alike. */
final readonly class TankWorking
{
    public function __construct(
        public int $index,
        public PlannedTank $tank,
        /** Of one of them. */
        public TankVolume $volume,
        /** Whether somebody can draw its water: at a tap, or by pouring it out. */
        public bool $isDrawn,
    ) {
    }

    public function pointer(): string
    {
        return '/tanks/'.$this->index;
    }

    /** What its outlet lets out, whether anything draws on it or not. */
    public function usableL(): float
    {
        return $this->tank->count * $this->volume->usableL;
    }

    /** What stands in it brim full. */
    public function fullL(): float
    {
        return $this->tank->count * $this->volume->fullL();
    }

    public function grossL(): float
    {
        return $this->tank->count * $this->volume->grossL;
    }

    /** What can be used of it, brim full. */
    public function suppliedL(): float
    {
        return $this->isDrawn ? $this->usableL() : 0.0;
    }

    /** What is never used: what lies below its outlet, or all of it where nothing draws on it. */
    public function leftL(): float
    {
        return $this->isDrawn ? $this->belowOutletL() : $this->fullL();
    }

    /** What lies below the outlet and is never drawn. */
    public function belowOutletL(): float
    {
        return $this->tank->count * $this->volume->belowOutletL;
    }

    public function aboveOverflowL(): float
    {
        return $this->tank->count * $this->volume->aboveOverflowL;
    }

    /** What can be drawn when it is filled to a fraction, from 0 to 1, of brim full. */
    public function drawableL(float $fraction): float
    {
        return max(0.0, $fraction * $this->fullL() - $this->leftL());
    }

    public function belowOutletShare(): float
    {
        return $this->volume->belowOutletL / $this->volume->grossL;
    }

    public function aboveOverflowShare(): float
    {
        return $this->volume->aboveOverflowL / $this->volume->grossL;
    }
}
