<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Words\Phrase;

/** What the line is used for at a time. */
enum LineMode: string
{
    case Use = 'use';
    case Fill = 'fill';
    case MainsUse = 'mains_use';
    case MainsFill = 'mains_fill';
    case Drain = 'drain';
    case BlowOut = 'blow_out';
    case Sanitise = 'sanitise';
    case Transfer = 'transfer';
    case Off = 'off';

    /** Its name: “Fill with the pump”. */
    public function phrase(): Phrase
    {
        return new Phrase('line.mode', ['mode' => $this]);
    }

    /** Whether pumps run in it. */
    public function pumps(): bool
    {
        return \in_array($this, [self::Use, self::Fill, self::Sanitise, self::Transfer], true);
    }

    /** Whether taps give water in it. */
    public function opensTaps(): bool
    {
        return self::Use === $this || self::MainsUse === $this;
    }

    /** Whether water runs into tanks in it, through the line. */
    public function fillsTanks(): bool
    {
        return \in_array($this, [self::Fill, self::MainsFill, self::Transfer], true);
    }

    /** As it reads in a sentence: “on mains”. */
    public function when(): Phrase
    {
        return new Phrase('line.mode.when', ['mode' => $this]);
    }

    /**
     * What belongs to it besides turning valves.
     *
     * @param bool $hasFilter whether there is a cartridge to take out
     * @param bool $isHot whether a tap has hot water
     * @param bool $turns whether a valve shuts one way whichever way it is turned
     */
    public function care(bool $hasFilter, bool $isHot, bool $turns): Phrase
    {
        $yes = static fn (bool $is): string => $is ? 'yes' : 'no';

        return new Phrase('line.mode.care', ['mode' => $this, 'filter' => $yes($hasFilter), 'hot' => $yes($isHot), 'turns' => $yes($turns)]);
    }
}
