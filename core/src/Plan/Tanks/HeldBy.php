<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** What holds a tank where it stands. */
enum HeldBy: string implements NamedChoice
{
    /** Over the tank, at an angle to the floor. */
    case Straps = 'straps';
    /** Straight over its lid from floor to floor: they press it down, and only friction keeps it from sliding. */
    case OverLid = 'over_lid';
    /** On the tank, whose screws are sheared whichever way it is pulled. */
    case Brackets = 'brackets';

    /** Whether it is brackets or straps, as it is said. */
    public function kind(): string
    {
        return self::Brackets === $this ? 'brackets' : 'straps';
    }

    public function word(): string
    {
        return self::OverLid === $this ? 'straps over its lid' : $this->value;
    }
}
