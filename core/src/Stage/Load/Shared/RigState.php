<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Plan\RigWords;

/** The states that a rig is in, one after the other. */
enum RigState: string
{
    /** Every tank empty. */
    case Dry = 'dry';
    /** Fresh tanks as full as the plan says for the road, drinking full, waste empty. */
    case Travelling = 'travelling';
    /** Fresh and drinking full, waste empty. */
    case BrimFull = 'brim_full';
    /** All drawn that can be drawn, and what of it came to the waste tanks still aboard. */
    case UsedUp = 'used_up';
    /** As it travels, with the waste of the stay before still aboard. */
    case Refilled = 'refilled';

    public function title(RigWords $words): string
    {
        return match ($this) {
            self::Dry => 'Empty',
            self::Travelling => ucfirst($words->underway()),
            self::BrimFull => 'Brim full',
            self::UsedUp => 'Used up, waste aboard',
            self::Refilled => 'Filled again, waste aboard',
        };
    }

    /** As it reads in a sentence: “with empty tanks”. */
    public function inWords(RigWords $words): string
    {
        return match ($this) {
            self::Dry => 'with empty tanks',
            self::Travelling => $words->underway(),
            self::BrimFull => 'brim full',
            self::UsedUp => 'when the water is used up',
            self::Refilled => 'filled again with the waste still aboard',
        };
    }
}
