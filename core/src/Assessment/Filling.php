<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\Supply;

/** How full the main tanks are in a sum; drinking cans are always full. */
enum Filling
{
    case TanksEmpty;
    /** As the plan says for the road. */
    case Travelling;
    case BrimFull;

    /** How full a tank is then, from 0 to 1. */
    public function of(PlannedTank $tank, Plan $plan): float
    {
        return match (true) {
            self::BrimFull === $this, Supply::Drinking === $tank->supply => 1.0,
            self::Travelling === $this => $plan->travelFillOf($tank),
            default => 0.0,
        };
    }
}
