<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Input\NamedChoice;

/** Where water enters or leaves a part. */
enum PartPort: string implements NamedChoice
{
    case In = 'in';
    case Out = 'out';
    case A = 'a';
    case B = 'b';
    case C = 'c';
    case D = 'd';
    case Common = 'common';
    case Left = 'left';
    case Right = 'right';
    case Hot = 'hot';
    case Cold = 'cold';
    /** Of a tank: one of its outlets, where water is drawn. */
    case Outlet = 'outlet';
    /** Of a tank: where water falls in at its top. */
    case Inlet = 'inlet';

    public function isBranch(): bool
    {
        return \in_array($this, [self::A, self::B, self::C, self::D], true);
    }

    public function word(): string
    {
        return match ($this) {
            self::A, self::B, self::C, self::D => 'branch '.$this->value,
            self::In => 'inlet',
            self::Out => 'outlet',
            self::Common => 'common port',
            self::Left => 'left port',
            self::Right => 'right port',
            self::Hot => 'hot side',
            self::Cold => 'cold side',
            default => $this->value,
        };
    }
}
