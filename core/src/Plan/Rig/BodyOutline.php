<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\NamedChoice;

/** What the rig looks like from outside: which outline is drawn. */
enum BodyOutline: string implements NamedChoice
{
    case Van = 'van';
    case Bus = 'bus';
    case Pickup = 'pickup';
    case Trailer = 'trailer';
    case Boat = 'boat';

    public function word(): string
    {
        return self::Pickup === $this ? 'pick-up' : $this->value;
    }
}
