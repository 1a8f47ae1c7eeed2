<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Mode;

use YardCask\Core\Input\Worded;

/** What the line is used for at a time. */
enum LineMode: string implements Worded
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

    public function word(): string
    {
        return match ($this) {
            self::Use => 'Use',
            self::Fill => 'Fill by own pump',
            self::MainsUse => 'Use on mains',
            self::MainsFill => 'Fill from mains',
            self::Drain => 'Drain down',
            self::BlowOut => 'Blow out',
            self::Sanitise => 'Sanitise',
            self::Transfer => 'Transfer',
            self::Off => 'Pump off',
        };
    }

    /** Whether pumps run in it. */
    public function pumps(): bool
    {
        return \in_array($this, [self::Use, self::Fill, self::Sanitise, self::Transfer], true);
    }

    /** What belongs to it besides turning valves. */
    public function care(): string
    {
        return match ($this) {
            self::Use => '',
            self::Fill => 'Watch the overflow; stop before the bucket is empty, or the pump draws air.',
            self::MainsUse => 'Shut the supply’s tap when nobody is there.',
            self::MainsFill => 'Somebody watches the overflow, outside.',
            self::Drain => 'Open every tap, hot too, and leave the valves open until spring.',
            self::BlowOut => 'No more than 200 kPa of clean air, one tap after the other, the farthest first; the filter’s cartridge out.',
            self::Sanitise => 'Take the filter’s cartridge out first, dose by what the maker says, open every tap until it smells, and rinse until it does not.',
            self::Transfer => 'Watch the tank that fills.',
            self::Off => 'The pump’s switch off whenever nobody uses water: a burst joint then empties nothing.',
        };
    }
}
