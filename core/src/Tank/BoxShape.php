<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** V = length · width · level. Source: solid geometry. */
final readonly class BoxShape implements TankShape
{
    public function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
    ) {
    }

    public function heightMm(): float
    {
        return $this->heightMm;
    }

    public function litresBelow(float $levelMm): float
    {
        return $this->lengthMm * $this->widthMm * $levelMm / 1e6;
    }
}
