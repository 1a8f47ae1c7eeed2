<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** What a number measures. A text that names a unit of another kind is refused with both kinds named. */
enum Kind: string
{
    case Volume = 'volume';
    case Length = 'length';
    /** A length across the rig: negative to the left of the centreline, positive to the right. */
    case Sideways = 'sideways';
    case Mass = 'mass';
    case Pressure = 'pressure';
    case Temperature = 'temperature';
    case Flow = 'flow';
    case Duration = 'duration';
    /** A time of a few seconds, told in them. */
    case Period = 'period';
    case Days = 'days';
    /** A part of a whole, stored as a fraction and spoken of in percent. */
    case Share = 'share';
    case Angle = 'angle';
    case Count = 'count';
    /** How often: “twice”, “2 a day”. */
    case Times = 'times';

    /** The noun with its article, as it reads in “here … is wanted”. */
    public function noun(): string
    {
        return match ($this) {
            self::Volume => 'a volume',
            self::Length => 'a length',
            self::Sideways => 'a distance left or right',
            self::Mass => 'a mass',
            self::Pressure => 'a pressure',
            self::Temperature => 'a temperature',
            self::Flow => 'a flow',
            self::Duration => 'a length of time',
            self::Period => 'a time in seconds',
            self::Days => 'a number of days',
            self::Share => 'a percentage',
            self::Angle => 'an angle',
            self::Count => 'a plain number',
            self::Times => 'a number of times',
        };
    }

    /** Two spellings that are sure to be understood. */
    public function examples(): string
    {
        return match ($this) {
            self::Volume => '25 L or 25 US gal',
            self::Length => '940 mm or 3 ft 1 in',
            self::Sideways => '620 left or 2 ft right',
            self::Mass => '85 kg or 12 st 4',
            self::Pressure => '2.4 bar or 35 psi',
            self::Temperature => '15 °C or 59 °F',
            self::Flow => '4.5 L/min',
            self::Duration => '3 min or 90 s',
            self::Period => '0.8 s',
            self::Days => '3 days or 1 week',
            self::Share => '10 % or 1/4',
            self::Angle => '2°',
            self::Count => '2',
            self::Times => '2 or twice',
        };
    }

    /** Whether a unit of $other can be read where this kind is wanted. */
    public function takes(self $other): bool
    {
        return $this === $other
            || (self::Sideways === $this && self::Length === $other)
            || (self::Period === $this && self::Duration === $other)
            || (self::Days === $this && self::Duration === $other)
            || (self::Times === $this && self::Count === $other);
    }
}
