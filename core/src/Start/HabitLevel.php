<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\NamedChoice;

/** How freely a crew uses water. */
enum HabitLevel: string implements NamedChoice
{
    case Frugal = 'frugal';
    case Ordinary = 'ordinary';
    case Generous = 'generous';

    public function word(): string
    {
        return match ($this) {
            self::Frugal => 'frugal',
            self::Ordinary => 'ordinary',
            self::Generous => 'generous',
        };
    }
}
