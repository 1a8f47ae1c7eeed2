<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/**
 * A unit of measurement. Factors are exact by definition: the international yard and pound of 1959,
 * the US gallon of 231 in³, the imperial gallon of 4.54609 L, standard gravity 9.80665 m/s².
 */
enum Unit: string
{
    /** Decimals of a reading, no more than a tape, a scale or a bucket can tell; of other units one below 10 (of psi below 100), and none from there. */
    private const READING_DECIMALS = [
        'mm' => 0,
        'kg' => 0,
        'lb' => 0,
        'kPa' => 0,
        '%' => 0,
        '°C' => 0,
        '°F' => 0,
        'in' => 1,
        'days' => 1,
        '°' => 1,
        'bar' => 2,
        'm' => 2,
    ];

    case Litre = 'L';
    case Millilitre = 'mL';
    case CubicMetre = 'm³';
    case UsGallon = 'US gal';
    case UsQuart = 'US qt';
    case UsPint = 'US pt';
    case UsFluidOunce = 'US fl oz';
    case ImperialGallon = 'imp gal';
    case ImperialQuart = 'imp qt';
    case ImperialPint = 'imp pt';
    case ImperialFluidOunce = 'imp fl oz';

    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';
    case Yard = 'yd';

    case Kilogram = 'kg';
    case Gram = 'g';
    case Tonne = 't';
    case Pound = 'lb';
    case Ounce = 'oz';
    case Stone = 'st';
    case Hundredweight = 'cwt';

    case Kilopascal = 'kPa';
    case Pascal = 'Pa';
    case Megapascal = 'MPa';
    case Bar = 'bar';
    case Millibar = 'mbar';
    case Psi = 'psi';
    case KilogramForcePerSquareCentimetre = 'kg/cm²';
    case MetreOfWater = 'm of water';
    case FootOfWater = 'ft of water';

    case Celsius = '°C';
    case Fahrenheit = '°F';
    case Kelvin = 'K';

    case LitrePerMinute = 'L/min';
    case LitrePerHour = 'L/h';
    case LitrePerSecond = 'L/s';
    case UsGallonPerMinute = 'US gal/min';
    case ImperialGallonPerMinute = 'imp gal/min';

    case Second = 's';
    case Minute = 'min';
    case Hour = 'h';

    case Day = 'days';
    case Week = 'weeks';

    case Fraction = '';
    case Percent = '%';
    case Degree = '°';
    case One = '×';

    /** As it reads on the button that chooses it. */
    public function word(): string
    {
        return match ($this) {
            self::Litre => 'litres',
            self::Inch => 'inches',
            default => $this->value,
        };
    }

    public function kind(): Kind
    {
        return match ($this) {
            self::Litre, self::Millilitre, self::CubicMetre, self::UsGallon, self::UsQuart, self::UsPint, self::UsFluidOunce,
            self::ImperialGallon, self::ImperialQuart, self::ImperialPint, self::ImperialFluidOunce => Kind::Volume,
            self::Millimetre, self::Centimetre, self::Metre, self::Inch, self::Foot, self::Yard => Kind::Length,
            self::Kilogram, self::Gram, self::Tonne, self::Pound, self::Ounce, self::Stone, self::Hundredweight => Kind::Mass,
            self::Kilopascal, self::Pascal, self::Megapascal, self::Bar, self::Millibar, self::Psi,
            self::KilogramForcePerSquareCentimetre, self::MetreOfWater, self::FootOfWater => Kind::Pressure,
            self::Celsius, self::Fahrenheit, self::Kelvin => Kind::Temperature,
            self::LitrePerMinute, self::LitrePerHour, self::LitrePerSecond, self::UsGallonPerMinute, self::ImperialGallonPerMinute => Kind::Flow,
            self::Second, self::Minute, self::Hour => Kind::Duration,
            self::Day, self::Week => Kind::Days,
            self::Fraction, self::Percent => Kind::Share,
            self::Degree => Kind::Angle,
            self::One => Kind::Count,
        };
    }

    /** How many of the kind's base unit (L, m, kg, kPa, °C, L/min, min, day, fraction) one of this unit is. */
    public function factor(): float
    {
        return match ($this) {
            self::Millilitre => 0.001,
            self::CubicMetre => 1000.0,
            self::UsGallon, self::UsGallonPerMinute => 3.785411784,
            self::UsQuart => 3.785411784 / 4,
            self::UsPint => 3.785411784 / 8,
            self::UsFluidOunce => 3.785411784 / 128,
            self::ImperialGallon, self::ImperialGallonPerMinute => 4.54609,
            self::ImperialQuart => 4.54609 / 4,
            self::ImperialPint => 4.54609 / 8,
            self::ImperialFluidOunce => 4.54609 / 160,
            self::Millimetre => 0.001,
            self::Centimetre => 0.01,
            self::Inch => 0.0254,
            self::Foot => 0.3048,
            self::Yard => 0.9144,
            self::Gram => 0.001,
            self::Tonne => 1000.0,
            self::Pound => 0.45359237,
            self::Ounce => 0.45359237 / 16,
            self::Stone => 0.45359237 * 14,
            self::Hundredweight => 0.45359237 * 112,
            self::Pascal => 0.001,
            self::Megapascal => 1000.0,
            self::Bar => 100.0,
            self::Millibar => 0.1,
            self::Psi => 0.45359237 * 9.80665 / (0.0254 * 0.0254) / 1000,
            self::KilogramForcePerSquareCentimetre => 98.0665,
            self::MetreOfWater => 9.80665,
            self::FootOfWater => 9.80665 * 0.3048,
            self::Fahrenheit => 5 / 9,
            self::LitrePerHour => 1 / 60,
            self::LitrePerSecond => 60.0,
            self::Second => 1 / 60,
            self::Hour => 60.0,
            self::Week => 7.0,
            self::Percent => 0.01,
            default => 1.0,
        };
    }

    /** The reading of this unit at the base unit's zero; only temperatures have one. */
    public function offset(): float
    {
        return match ($this) {
            self::Fahrenheit => 32.0,
            self::Kelvin => 273.15,
            default => 0.0,
        };
    }

    /** Decimals to show where a value is typed, so that what was typed comes back unchanged. */
    public function exactDecimals(): int
    {
        return match ($this) {
            self::Millimetre, self::Celsius, self::Fahrenheit, self::Kelvin, self::Percent => 1,
            self::Metre, self::Inch, self::UsGallon, self::ImperialGallon, self::Bar => 3,
            default => 2,
        };
    }

    /** Decimals to show in an answer. */
    public function readingDecimals(float $value): int
    {
        return self::READING_DECIMALS[$this->value] ?? (int) match ($this) {
            self::One => floor($value) !== $value,
            self::Psi => abs($value) < 100,
            default => abs($value) < 10,
        };
    }
}
