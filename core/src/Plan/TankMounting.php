<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\Worded;

/** A tank that stays in the rig, or a can that is carried to a tap. */
enum TankMounting: string implements Worded
{
    case Fixed = 'fixed';
    case Can = 'can';

    public function word(): string
    {
        return self::Fixed === $this ? 'fixed tank' : 'can';
    }
}
