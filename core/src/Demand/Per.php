<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

use YardCask\Core\Input\NamedChoice;

/** Whether the times of a use are counted a day or a stay between two fills. */
enum Per: string implements NamedChoice
{
    case Day = 'day';
    case Stay = 'stay';

    public function word(): string
    {
        return match ($this) {
            self::Day => 'a day',
            self::Stay => 'a stay',
        };
    }
}
