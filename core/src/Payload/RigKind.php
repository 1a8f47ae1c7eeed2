<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** How a rig carries its load. */
enum RigKind: string
{
    case Road = 'road';
    case Trailer = 'trailer';
    case Boat = 'boat';
}
