<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** What can join two nodes. */
enum LinkKind: string
{
    case Pipe = 'pipe';
    case Loss = 'loss';
    case Check = 'check';
    case Pump = 'pump';
    case Regulator = 'regulator';
}
