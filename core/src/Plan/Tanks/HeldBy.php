<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** What holds a tank where it stands. */
enum HeldBy: string implements NamedChoice
{
    /** Over the tank, at an angle to the floor. */
    case Straps = 'straps';
    /** On the tank, whose screws are sheared whichever way it is pulled. */
    case Brackets = 'brackets';

    public function word(): string
    {
        return $this->value;
    }
}
