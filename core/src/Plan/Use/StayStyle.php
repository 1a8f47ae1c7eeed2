<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Use;

use YardCask\Core\Input\NamedChoice;

/** How the crew mostly stays overnight. */
enum StayStyle: string implements NamedChoice
{
    /** Serviced sites: a tap within a walk, every day. */
    case Sites = 'sites';
    case Mixed = 'mixed';
    /** No tap until the next fill. */
    case Wild = 'wild';

    public function word(): string
    {
        return match ($this) {
            self::Sites => 'serviced sites',
            self::Mixed => 'mixed',
            self::Wild => 'wild nights',
        };
    }

    /** Carried on top of the need when nothing else is said: the further from a tap, the more. */
    public function usualReserve(): float
    {
        return match ($this) {
            self::Sites => 0.05,
            self::Mixed => 0.1,
            self::Wild => 0.15,
        };
    }

    /** For how many days water is carried: where there is a tap every day, for the day and the drive. */
    public function daysCarried(float $days): float
    {
        return self::Sites === $this ? min($days, 1.0) : $days;
    }

    /** Whether there is a drain to empty the waste into before moving on. */
    public function hasDrainOnLeaving(): bool
    {
        return self::Sites === $this;
    }

    /** Whether there is a tap where the stay begins, so that the tanks can be brimmed there. */
    public function hasTapOnArrival(): bool
    {
        return self::Wild !== $this;
    }
}
