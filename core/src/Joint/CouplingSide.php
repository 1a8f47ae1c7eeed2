<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

enum CouplingSide: string
{
    case Plug = 'plug';
    case Socket = 'socket';

    public function word(): string
    {
        return $this->value;
    }
}
