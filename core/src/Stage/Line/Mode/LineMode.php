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

    /** What belongs to it besides turning valves. */
    public function care(): Phrase
    {
        return new Phrase('line.mode.care', ['mode' => $this]);
    }
}
