<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PlannedPart;

/** Hot water on its way: the heater that it comes from, and how hot it is by now. */
final readonly class HotWaterFrom
{
    public function __construct(
        public PlannedPart $heater,
        public float $c,
    ) {
    }
}
