<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

/** Whether a use happens once for every person or once for the whole rig. */
enum Each: string
{
    case Person = 'person';
    case Rig = 'rig';
}
