<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** V = π/4 · diameter² · level. Source: solid geometry. */
final readonly class UprightCylinderShape implements TankShape
{
    public function __construct(
        public float $diameterMm,
        public float $heightMm,
    ) {
    }

    public function heightMm(): float
    {
        return $this->heightMm;
    }

    public function litresBelow(float $levelMm): float
    {
        return \M_PI / 4 * $this->diameterMm ** 2 * $levelMm / 1e6;
    }
}
