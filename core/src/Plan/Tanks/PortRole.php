<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** What a port of a tank is for. The outlet stands with the tank itself. */
enum PortRole: string implements NamedChoice
{
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
