<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Load;

use YardCask\Core\Input\NamedChoice;

/** What something that is fixed in the rig asks of the water near it. */
enum ThingNeed: string implements NamedChoice
{
    /** Batteries, control boxes, sockets. */
    case Dry = 'dry';
    /** Exhaust and heaters. */
    case Hot = 'hot';
    /** Spare wheel, cross members, linkages that move. */
    case Clear = 'clear';

    public function word(): string
    {
        return match ($this) {
            self::Dry => 'must stay dry',
            self::Hot => 'gets hot',
            self::Clear => 'must stay clear',
        };
    }
}
