<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

/** What the wheel that carries most of an axle stands under, against its tyre. */
final readonly class WheelLoad
{
    public function __construct(
        /** In the rig's list. */
        public int $axleIndex,
        public bool $right,
        public float $kg,
        public float $tyreKg,
        public RigState $state,
        /** Of all that is aboard, about the centreline, in kg·m; positive to the right. */
        public float $momentKgM,
    ) {
    }

    public function overKg(): float
    {
        return $this->kg - $this->tyreKg;
    }
}
