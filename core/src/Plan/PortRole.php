<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\Worded;

/** What a port of a tank is for. Outlet and overflow stand with the tank itself. */
enum PortRole: string implements Worded
{
    case Fill = 'fill';
    case Vent = 'vent';
    case Drain = 'drain';
    case Gauge = 'gauge';

    public function word(): string
    {
        return $this->value;
    }
}
