<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

/** What a hole is drilled in. */
enum HoleIn: string
{
    case Tank = 'tank';
    case OuterWall = 'wall';
    /** Or an inside wall. */
    case Worktop = 'worktop';
}
