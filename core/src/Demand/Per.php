<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

/** Whether the times of a use are counted a day or a stay between two fills. */
enum Per: string
{
    case Day = 'day';
    case Stay = 'stay';
}
