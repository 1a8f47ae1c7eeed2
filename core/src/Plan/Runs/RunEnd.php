<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Runs;

use YardCask\Core\Input\NamedChoice;

/** Where a fill, a vent or a drain ends away from the tank. */
enum RunEnd: string implements NamedChoice
{
    case Outside = 'outside';
    case Door = 'door';
    case Funnel = 'funnel';
    case Bucket = 'bucket';
    case Valve = 'valve';
    case Cap = 'cap';
    case Open = 'open';

    public function word(): string
    {
        return match ($this) {
            self::Outside => 'in the outer wall',
            self::Door => 'inside a door',
            self::Funnel => 'at a funnel',
            self::Bucket => 'in a bucket, drawn by a pump',
            self::Valve => 'at a valve',
            self::Cap => 'at a cap or a plug',
            self::Open => 'open, with a free end',
        };
    }
}
