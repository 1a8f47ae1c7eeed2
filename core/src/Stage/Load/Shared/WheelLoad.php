<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\LimitName;

/** What the wheel that carries most of an axle stands under, against its tyre. */
final readonly class WheelLoad
{
    public function __construct(
        public LimitName $axle,
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
