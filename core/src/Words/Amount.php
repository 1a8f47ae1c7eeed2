<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** A quantity in a sentence. It is rounded and formatted only when the sentence is sent. */
final readonly class Amount
{
    private function __construct(
        public float $value,
        public Unit $unit,
        public Kind $kind,
        public AmountStyle $style = AmountStyle::Usual,
    ) {
    }

    public static function of(float $value, Unit $unit, Kind $kind): self
    {
        return new self($value, $unit, $kind);
    }

    public static function litres(float $litres): self
    {
        return new self($litres, Unit::Litre, Kind::Volume);
    }

    public static function litresAtMost(float $litres): self
    {
        return new self($litres, Unit::Litre, Kind::Volume, AmountStyle::AtMost);
    }

    public static function little(float $litres): self
    {
        return new self($litres, Unit::Litre, Kind::Volume, AmountStyle::Little);
    }

    public static function kg(float $kg): self
    {
        return new self($kg, Unit::Kilogram, Kind::Mass);
    }

    public static function moment(float $kgM): self
    {
        return new self($kgM, Unit::Kilogram, Kind::Mass, AmountStyle::Moment);
    }

    public static function mm(float $mm): self
    {
        return new self($mm, Unit::Millimetre, Kind::Length);
    }

    /** A diameter, which a caliper reads to a tenth. */
    public static function diameter(float $mm): self
    {
        return new self($mm, Unit::Millimetre, Kind::Length, AmountStyle::Exact);
    }

    public static function metres(float $metres): self
    {
        return new self($metres, Unit::Metre, Kind::Length);
    }

    /** The length of a hose, or a way. */
    public static function distance(float $metres): self
    {
        return new self($metres, Unit::Metre, Kind::Length, AmountStyle::Distance);
    }

    /** A place across the rig: “620 mm left”. */
    public static function across(float $metres): self
    {
        return new self($metres, Unit::Metre, Kind::Sideways);
    }

    public static function share(float $fraction): self
    {
        return new self($fraction, Unit::Fraction, Kind::Share);
    }

    public static function fineShare(float $fraction): self
    {
        return new self($fraction, Unit::Fraction, Kind::Share, AmountStyle::FineShare);
    }

    public static function degrees(float $degrees): self
    {
        return new self($degrees, Unit::Degree, Kind::Angle, AmountStyle::Degrees);
    }

    public static function days(float $days): self
    {
        return new self($days, Unit::Day, Kind::Days, AmountStyle::Days);
    }

    public static function minutes(float $minutes): self
    {
        return new self($minutes, Unit::Minute, Kind::Duration, AmountStyle::Minutes);
    }

    public static function flow(float $lpm): self
    {
        return new self($lpm, Unit::LitrePerMinute, Kind::Flow);
    }

    public static function velocity(float $mps): self
    {
        return new self($mps, Unit::Metre, Kind::Length, AmountStyle::Velocity);
    }

    public static function pressure(float $kpa): self
    {
        return new self($kpa, Unit::Kilopascal, Kind::Pressure);
    }

    public static function temperature(float $c): self
    {
        return new self($c, Unit::Celsius, Kind::Temperature);
    }

    /** A number without a unit. */
    public static function number(float $number): self
    {
        return new self($number, Unit::One, Kind::Count);
    }
}
