<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** A tank that stays in the rig, a can that is carried to a tap, or a bag that collapses as it empties. */
enum TankMounting: string implements NamedChoice
{
    case Fixed = 'fixed';
    case Can = 'can';
    case Bag = 'bag';

    public function word(): string
    {
        return match ($this) {
            self::Fixed => 'fixed tank',
            self::Can => 'can',
            self::Bag => 'bag',
        };
    }
}
