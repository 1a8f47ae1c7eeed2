<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

use YardCask\Core\Input\Worded;

/** Whether the times of a use are counted a day or a stay between two fills. */
enum Per: string implements Worded
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
