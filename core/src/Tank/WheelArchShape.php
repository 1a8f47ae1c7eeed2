<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** A box less a notch that rises from its floor over the wheel arch. Source: solid geometry. */
final readonly class WheelArchShape implements TankShape
{
    public function __construct(
        public BoxShape $box,
        public BoxShape $arch,
    ) {
    }

    public function heightMm(): float
    {
        return $this->box->heightMm();
    }

    public function litresBelow(float $levelMm): float
    {
        return $this->box->litresBelow($levelMm) - $this->arch->litresBelow(min($levelMm, $this->arch->heightMm()));
    }
}
