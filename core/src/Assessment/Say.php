<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;

/** Puts quantities into words, in the plan's units. */
final readonly class Say
{
    private const KG_M_PER_LB_FT = 0.45359237 * 0.3048;

    public QuantityFormat $format;

    public function __construct(public UnitPreferences $units)
    {
        $this->format = new QuantityFormat($units);
    }

    public function litres(float $litres): string
    {
        return $this->format->reading($litres, Unit::Litre, Kind::Volume);
    }

    /** What is less than a bottle: “189 mL”, or “6.4 US fl oz” where volumes are in gallons. */
    public function little(float $litres): string
    {
        $unit = match ($this->units->volume) {
            Unit::UsGallon => Unit::UsFluidOunce,
            Unit::ImperialGallon => Unit::ImperialFluidOunce,
            default => Unit::Millilitre,
        };
        $shown = Quantity::of($litres, Unit::Litre)->in($unit);

        return $litres >= 1 ? $this->litres($litres) : number_format($shown, Unit::Millilitre === $unit || $shown >= 10 ? 0 : 1)."\u{00A0}".$unit->value;
    }

    /** Rounded down, for what must not be exceeded. */
    public function litresAtMost(float $litres): string
    {
        return $this->format->readingAtMost($litres, Unit::Litre, Kind::Volume);
    }

    public function kg(float $kg): string
    {
        return $this->format->reading($kg, Unit::Kilogram, Kind::Mass);
    }

    /** A weight times its lever: “34 kg·m”, or in pounds and feet where weights are in pounds. */
    public function moment(float $kgM): string
    {
        $pounds = Unit::Pound === $this->units->mass;

        return round($pounds ? $kgM / self::KG_M_PER_LB_FT : $kgM)."\u{00A0}".($pounds ? 'lb·ft' : 'kg·m');
    }

    public function mm(float $mm): string
    {
        return $this->format->reading($mm, Unit::Millimetre, Kind::Length);
    }

    public function metres(float $metres): string
    {
        return $this->format->reading($metres, Unit::Metre, Kind::Length);
    }

    public function across(float $metres): string
    {
        return $this->format->reading($metres, Unit::Metre, Kind::Sideways);
    }

    public function share(float $fraction): string
    {
        return $this->format->reading($fraction, Unit::Fraction, Kind::Share);
    }

    /** With a decimal, where a whole percent would hide on which side of a limit it is: “4.6 %”. */
    public function finerShare(float $fraction): string
    {
        return $this->finerFigure($fraction)."\u{00A0}%";
    }

    /** A share in percent with a decimal, rounded down: 3.97 % is not said to be 4 %. */
    public function finerFigure(float $fraction): string
    {
        return str_replace('-', '−', number_format(floor(1000 * $fraction + 1e-6) / 10, 1, '.', ''));
    }

    /** “3 days”, “2.7 days”, “1 day”. */
    public function days(float $days): string
    {
        $text = rtrim(rtrim(number_format($days, 1, '.', ''), '0'), '.');

        return $text.('1' === $text ? ' day' : ' days');
    }

    public function flow(float $lpm): string
    {
        return $this->format->reading($lpm, Unit::LitrePerMinute, Kind::Flow);
    }

    /** “0.6 m/s”, or in feet where lengths are in inches. */
    public function velocity(float $mps): string
    {
        $feet = Unit::Inch === $this->units->length;

        return number_format($feet ? Quantity::of($mps, Unit::Metre)->in(Unit::Foot) : $mps, 1)."\u{00A0}".($feet ? 'ft/s' : 'm/s');
    }

    public function pressure(float $kpa): string
    {
        return $this->format->reading($kpa, Unit::Kilopascal, Kind::Pressure);
    }

    /** The figure of a pressure without its unit. */
    public function pressureFigure(float $kpa): string
    {
        return $this->format->figure($kpa, Unit::Kilopascal, Kind::Pressure);
    }

    public function pressureSymbol(): string
    {
        return $this->format->symbol(Kind::Pressure);
    }

    /** How many kPa the plan's unit of pressure is. */
    public function kpaPerUnit(): float
    {
        return Quantity::of(1.0, $this->units->for(Kind::Pressure))->in(Unit::Kilopascal);
    }

    public function temperature(float $c): string
    {
        return $this->format->reading($c, Unit::Celsius, Kind::Temperature);
    }

    public function minutes(float $minutes): string
    {
        return rtrim(rtrim(number_format($minutes, 1, '.', ''), '0'), '.').' min';
    }

    /** “one”, “two” … up to nine, figures beyond. */
    public static function count(int $count): string
    {
        return ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'][$count] ?? (string) $count;
    }
}
