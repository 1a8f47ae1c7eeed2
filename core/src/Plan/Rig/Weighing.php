<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Plan\Field\Measured;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A weight that was read on a weighbridge, or else is estimated, in kg. */
final readonly class Weighing
{
    public function __construct(
        #[Measured('the weighed {part}', '{Part}, weighed', Kind::Mass, Unit::Kilogram, -500, 20000, 'Weighbridge', 'estimated_kg')]
        public ?float $weighedKg,
        #[Measured('the estimate for the {part}', '{Part}, else estimated', Kind::Mass, Unit::Kilogram, -500, 20000, 'Weighbridge', 'limit_kg')]
        public float $estimatedKg,
    ) {
    }

    /** The weighed figure, or the estimate while there is none. */
    public function kg(): float
    {
        return $this->weighedKg ?? $this->estimatedKg;
    }

    public function isWeighed(): bool
    {
        return null !== $this->weighedKg;
    }

    /** The key under which the figure that counts stands. */
    public function key(): string
    {
        return $this->isWeighed() ? 'weighed_kg' : 'estimated_kg';
    }
}
