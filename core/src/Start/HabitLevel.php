<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Input\Worded;

/** How freely a crew uses water. */
enum HabitLevel: string implements Worded
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
