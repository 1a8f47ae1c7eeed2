<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

use YardCask\Core\Input\NamedChoice;

/** How something is sold. */
enum SoldBy: string implements NamedChoice
{
    case Piece = 'piece';
    case Pack = 'pack';
    case Metre = 'metre';

    public function word(): string
    {
        return $this->value;
    }
}
