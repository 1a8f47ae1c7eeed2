<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\Range;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** One measured field of the plan: what it measures, the unit it is stored in, and what is allowed. */
final readonly class PlanField
{
    public function __construct(
        /** As it reads after “here”: “a tank's length”. */
        public string $what,
        public Kind $kind,
        public Unit $unit,
        public Range $range,
    ) {
    }
}
