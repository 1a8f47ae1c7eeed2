<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Use\StayStyle;
use YardCask\Core\Plan\Use\Supply;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;
use YardCask\Core\Stage\Use\Shared\UseWorkings;

/** Whether a can that is carried to the tap would do instead of a fixed tank. */
final class OneCan
{
    public const DAY = 1.0;

    /** Whether one can covers the whole stay. */
    public static function forTheStay(Workings $workings): bool
    {
        $needL = $workings->of(UseWorkings::class)->need(Supply::Main)->carryL;

        return $needL > 0 && $needL <= TankProposal::CAN_L;
    }

    /** Whether there is a tap nearby every day and one can covers a day, even if everything counted by the stay falls on that day. */
    public static function forADay(Workings $workings): bool
    {
        $needL = self::dayL($workings);

        return StayStyle::Sites === $workings->plan->use->stay && $workings->plan->use->days > self::DAY && $needL > 0 && $needL <= TankProposal::CAN_L;
    }

    /** What is needed in a day. */
    public static function dayL(Workings $workings): float
    {
        return $workings->of(UseWorkings::class)->needFor(min(self::DAY, $workings->plan->use->days), Supply::Main)->carryL;
    }
}
