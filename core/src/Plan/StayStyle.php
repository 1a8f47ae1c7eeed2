<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

/** How the crew mostly stays overnight. */
enum StayStyle: string
{
    /** Serviced sites: a tap within a walk, every day. */
    case Sites = 'sites';
    case Mixed = 'mixed';
    /** No tap until the next fill. */
    case Wild = 'wild';

    /** Carried on top of the need when nothing else is said: the further from a tap, the more. */
    public function usualReserve(): float
    {
        return match ($this) {
            self::Sites => 0.05,
            self::Mixed => 0.1,
            self::Wild => 0.15,
        };
    }
}
