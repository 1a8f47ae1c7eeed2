<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

use YardCask\Core\Input\NamedChoice;

/** Whether a use happens once for every person or once for the whole rig. */
enum Each: string implements NamedChoice
{
    case Person = 'person';
    case Rig = 'rig';

    public function word(): string
    {
        return match ($this) {
            self::Person => 'a person',
            self::Rig => 'for all',
        };
    }
}
