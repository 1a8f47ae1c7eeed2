<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

/** How freely a crew uses water. */
enum HabitLevel: string
{
    case Frugal = 'frugal';
    case Ordinary = 'ordinary';
    case Generous = 'generous';
}
