<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** V = length · (r²·acos((r − h)/r) − (r − h)·√(2rh − h²)). Source: area of a circular segment. */
final readonly class LyingCylinderShape implements TankShape
{
    public function __construct(
        public float $diameterMm,
        public float $lengthMm,
    ) {
    }

    public function heightMm(): float
    {
        return $this->diameterMm;
    }

    public function litresBelow(float $levelMm): float
    {
        $r = $this->diameterMm / 2;
        $h = min(max($levelMm, 0.0), $this->diameterMm);
        $segmentMm2 = $r ** 2 * acos(($r - $h) / $r) - ($r - $h) * sqrt(max(0.0, 2 * $r * $h - $h ** 2));

        return $this->lengthMm * $segmentMm2 / 1e6;
    }
}
