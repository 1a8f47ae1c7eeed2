<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\NamedChoice;

/** Whether the line was in a rig when it was weighed, and with what water. */
enum LineThen: string implements NamedChoice
{
    case Out = 'out';
    case Drained = 'drained';
    case Full = 'full';

    public function word(): string
    {
        return match ($this) {
            self::Out => 'not in yet',
            self::Drained => 'in, drained',
            self::Full => 'in, full',
        };
    }
}
