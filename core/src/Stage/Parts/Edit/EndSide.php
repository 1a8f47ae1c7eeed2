<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Edit;

/** Which of the two ends of a joint. */
enum EndSide: string
{
    case Tube = 'tube';
    case Port = 'port';
}
