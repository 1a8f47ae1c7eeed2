<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Bays;

use YardCask\Core\Input\NamedChoice;

/** In which part of a rig a bay lies. */
enum BayPlace: string implements NamedChoice
{
    case Inside = 'inside';
    case UnderFloor = 'under_floor';
    case Roof = 'roof';

    public function word(): string
    {
        return match ($this) {
            self::Inside => 'inside',
            self::UnderFloor => 'under the floor',
            self::Roof => 'on the roof',
        };
    }
}
