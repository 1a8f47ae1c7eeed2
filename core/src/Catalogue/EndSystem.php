<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\NamedChoice;

/** What an end of a part joins to. */
enum EndSystem: string implements NamedChoice
{
    case Thread = 'thread';
    case Barb = 'barb';
    case Hose = 'hose';
    case Push = 'push';
    case Crimp = 'crimp';
    case Clamp = 'clamp';
    case Solvent = 'solvent';
    case Grommet = 'grommet';

    public function word(): string
    {
        return self::Push === $this ? 'push-fit' : $this->value;
    }
}
