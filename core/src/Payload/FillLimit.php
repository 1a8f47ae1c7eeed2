<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** One limit: the load with empty tanks, what full tanks add, and what is allowed, all in kg. */
final readonly class FillLimit
{
    public function __construct(
        public LimitName $name,
        public float $emptyKg,
        public float $waterKg,
        public float $limitKg,
    ) {
    }

    public function kgAt(float $fraction): float
    {
        return $this->emptyKg + $fraction * $this->waterKg;
    }

    public function spareAt(float $fraction): float
    {
        return $this->limitKg - $this->kgAt($fraction);
    }

    /** The greatest fill from 0 to 1 that this limit alone allows. */
    public function greatestFraction(): float
    {
        return match (true) {
            $this->emptyKg > $this->limitKg => 0.0,
            $this->kgAt(1.0) <= $this->limitKg => 1.0,
            default => ($this->limitKg - $this->emptyKg) / $this->waterKg,
        };
    }
}
