<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Rig;

use YardCask\Core\Input\NamedChoice;

/** How much of a trailer its coupling carries, as it is done where it is towed: the tow cars and the couplings are made for it. */
enum NosePractice: string implements NamedChoice
{
    /** As in Europe, Australia and New Zealand: light noses, lower speeds. */
    case Light = 'light';
    /** As in North America. */
    case Heavy = 'heavy';

    /** Of the whole trailer; with less it sways. */
    public function leastShare(): float
    {
        return self::Heavy === $this ? 0.10 : 0.05;
    }

    /** Of the whole trailer, at most for towing well. */
    public function bestShare(): float
    {
        return self::Heavy === $this ? 0.15 : 0.07;
    }

    public function word(): string
    {
        return self::Heavy === $this ? '10 to 15 % of the trailer' : '5 to 7 % of the trailer';
    }
}
