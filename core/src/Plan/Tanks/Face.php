<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Tanks;

use YardCask\Core\Input\NamedChoice;

/** A face of a box that stands in the rig. */
enum Face: string implements NamedChoice
{
    case Front = 'front';
    case Rear = 'rear';
    case Left = 'left';
    case Right = 'right';
    case Top = 'top';
    case Bottom = 'bottom';

    public function word(): string
    {
        return $this->value;
    }

    /** The axis that passes through it: 0 along the rig, 1 across, 2 upward. */
    public function axis(): int
    {
        return match ($this) {
            self::Front, self::Rear => 0,
            self::Left, self::Right => 1,
            self::Top, self::Bottom => 2,
        };
    }
}
