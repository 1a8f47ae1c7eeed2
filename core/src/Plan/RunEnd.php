<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\Worded;

/** Where a fill, a vent or a drain ends away from the tank. */
enum RunEnd: string implements Worded
{
    case Outside = 'outside';
    case Door = 'door';
    case Funnel = 'funnel';
    case Open = 'open';

    public function word(): string
    {
        return match ($this) {
            self::Outside => 'in the outer wall',
            self::Door => 'inside a door',
            self::Funnel => 'at a funnel',
            self::Open => 'open, with a free end',
        };
    }
}
