<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\RigKind;
use YardCask\Core\Words\Phrase;

/** The states that a rig is in, one after the other. */
enum RigState: string
{
    /** Every tank empty. */
    case Dry = 'dry';
    /** Fresh tanks as full as the plan says for the road, drinking full, waste empty. */
    case Travelling = 'travelling';
    /** Fresh and drinking full, waste empty. */
    case BrimFull = 'brim_full';
    /** All drawn that can be drawn, and what of it came to the waste tanks still aboard, unless it is emptied before the rig moves on. */
    case UsedUp = 'used_up';
    /** As it travels, with the waste of the stay before still aboard. */
    case Refilled = 'refilled';

    /** As it stands over a column: “Used up, waste aboard”. */
    public function title(RigKind $rig, bool $wasteEmptied): Phrase
    {
        return new Phrase('load.state.title', ['state' => $this, 'rig' => $rig, 'waste' => $wasteEmptied ? 'emptied' : 'aboard']);
    }

    /** How the figures of this state end. */
    public function figureSuffix(): string
    {
        return match ($this) {
            self::Dry => 'dry',
            self::Travelling => 'travel',
            self::BrimFull => 'full',
            self::UsedUp => 'used_up',
            self::Refilled => 'refilled',
        };
    }

    /** As it reads in a sentence: “with empty tanks”. */
    public function phrase(RigKind $rig): Phrase
    {
        return new Phrase('load.state', ['state' => $this, 'rig' => $rig]);
    }
}
