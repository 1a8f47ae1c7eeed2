<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** What a port of a tank is for. */
enum PortRole: string implements NamedChoice
{
    /** A pipe of the line draws here; through a lid, by a tube down to the tank’s outlet height. */
    case Outlet = 'outlet';
    case Fill = 'fill';
    case Vent = 'vent';
    case Drain = 'drain';
    case Overflow = 'overflow';
    case Gauge = 'gauge';
    case Spare = 'spare';

    public function word(): string
    {
        return self::Spare === $this ? 'nothing yet' : $this->value;
    }
}
