<?php

declare(strict_types=1);

namespace YardCask\Core\Joint;

/** What a washer can seal on. */
enum Seat: string
{
    case Flat = 'flat';
    case None = 'none';

    public function word(): string
    {
        return self::Flat === $this ? 'flat, for a washer' : 'none';
    }
}
