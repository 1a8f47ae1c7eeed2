<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/** The ways in which people write each unit. A spelling that two units share is listed for both. */
final class UnitSpelling
{
    private const TABLE = [
        [Unit::Litre, ['l', 'ltr', 'ltrs', 'lt', 'lts', 'litre', 'litres', 'liter', 'liters', 'dm³', 'dm3']],
        [Unit::Millilitre, ['ml', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc', 'cm³', 'cm3']],
        [Unit::CubicMetre, ['m³', 'm3', 'cubic metre', 'cubic metres', 'cubic meter', 'cubic meters']],
        [Unit::UsGallon, ['us gal', 'us gals', 'us gallon', 'us gallons', 'usg', 'gal us', 'gallons us', 'gal', 'gals', 'gallon', 'gallons']],
        [
            Unit::ImperialGallon,
            [
                'imp gal',
                'imp gals',
                'imperial gallon',
                'imperial gallons',
                'uk gal',
                'uk gallon',
                'uk gallons',
                'imp gallons',
                'imp gallon',
                'gal imp',
                'gallons imp',
                'gallons imperial',
                'gal uk',
                'gallons uk',
                'gal',
                'gals',
                'gallon',
                'gallons',
            ],
        ],
        [Unit::UsQuart, ['us qt', 'us quart', 'us quarts', 'qt', 'qts', 'quart', 'quarts']],
        [Unit::ImperialQuart, ['imp qt', 'imperial quart', 'imperial quarts', 'uk qt', 'qt', 'qts', 'quart', 'quarts']],
        [Unit::UsPint, ['us pt', 'us pint', 'us pints', 'pt', 'pts', 'pint', 'pints']],
        [Unit::ImperialPint, ['imp pt', 'imperial pint', 'imperial pints', 'uk pint', 'uk pints', 'uk pt', 'pt', 'pts', 'pint', 'pints']],
        [Unit::UsFluidOunce, ['us fl oz', 'us floz', 'fl oz', 'floz', 'fluid ounce', 'fluid ounces']],
        [Unit::ImperialFluidOunce, ['imp fl oz', 'uk fl oz', 'fl oz', 'floz', 'fluid ounce', 'fluid ounces']],
        [Unit::Millimetre, ['mm', 'mil', 'mils', 'millimetre', 'millimetres', 'millimeter', 'millimeters']],
        [Unit::Centimetre, ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters']],
        [Unit::Metre, ['m', 'metre', 'metres', 'meter', 'meters']],
        [Unit::Inch, ['in', 'ins', 'inch', 'inches', '"']],
        [Unit::Foot, ['ft', 'foot', 'feet', "'"]],
        [Unit::Yard, ['yd', 'yds', 'yard', 'yards']],
        [Unit::Kilogram, ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes']],
        [Unit::Gram, ['g', 'gr', 'gram', 'grams', 'gramme', 'grammes']],
        [Unit::Tonne, ['t', 'tonne', 'tonnes', 'metric ton', 'metric tons']],
        [Unit::Pound, ['lb', 'lbs', 'pound', 'pounds']],
        [Unit::Ounce, ['oz', 'ounce', 'ounces']],
        [Unit::Stone, ['st', 'stone', 'stones']],
        [Unit::Hundredweight, ['cwt', 'hundredweight']],
        [Unit::Kilopascal, ['kpa', 'kilopascal', 'kilopascals']],
        [Unit::Pascal, ['pa', 'pascal', 'pascals']],
        [Unit::Megapascal, ['mpa', 'megapascal']],
        [Unit::Bar, ['bar', 'bars']],
        [Unit::Millibar, ['mbar', 'mb', 'millibar', 'millibars', 'hpa']],
        [Unit::Psi, ['psi', 'psig', 'lb/in²', 'lb/in2', 'lbs per square inch', 'pounds per square inch']],
        [Unit::KilogramForcePerSquareCentimetre, ['kg/cm²', 'kg/cm2', 'kgf/cm²', 'kgf/cm2']],
        [Unit::MetreOfWater, ['m of water', 'metres of water', 'm head', 'metres head', 'mwc']],
        [Unit::FootOfWater, ['ft of water', 'feet of water', 'ft head', 'feet head', 'ft of head', 'feet of head']],
        [Unit::Celsius, ['°c', '° c', 'c', 'deg c', 'celsius', 'degrees c', 'degrees celsius', 'centigrade']],
        [Unit::Fahrenheit, ['°f', '° f', 'f', 'deg f', 'fahrenheit', 'degrees f', 'degrees fahrenheit']],
        [Unit::Kelvin, ['k', 'kelvin']],
        [
            Unit::LitrePerMinute,
            [
                'l/min',
                'lpm',
                'litres per minute',
                'litres a minute',
                'litres/min',
                'litres/minute',
                'liters/min',
                'liters per minute',
                'litre per minute',
                'ltr/min',
                'l per min',
                'l/m',
            ],
        ],
        [Unit::LitrePerHour, ['l/h', 'lph', 'l/hr', 'litres per hour', 'litres an hour', 'liters per hour']],
        [Unit::LitrePerSecond, ['l/s', 'litres per second', 'liters per second']],
        [Unit::UsGallonPerMinute, ['us gal/min', 'us gpm', 'gpm', 'gal/min', 'gallons per minute', 'gallons a minute']],
        [Unit::ImperialGallonPerMinute, ['imp gal/min', 'imp gpm', 'uk gpm', 'gpm', 'gal/min', 'gallons per minute', 'gallons a minute']],
        [Unit::Second, ['s', 'sec', 'secs', 'second', 'seconds']],
        [Unit::Minute, ['min', 'mins', 'minute', 'minutes', 'm']],
        [Unit::Hour, ['h', 'hr', 'hrs', 'hour', 'hours']],
        [Unit::Day, ['d', 'day', 'days', 'night', 'nights']],
        [Unit::Week, ['w', 'wk', 'wks', 'week', 'weeks']],
        [Unit::Percent, ['%', 'percent', 'per cent', 'pc']],
        [Unit::Degree, ['°', 'deg', 'degree', 'degrees']],
        [Unit::One, ['×', 'x', 'times', 'people', 'persons', 'person', 'off']],
    ];

    /** @var array<string, non-empty-list<Unit>>|null */
    private static ?array $bySpelling = null;

    /** @return list<Unit> the units that are written so; none when the spelling is unknown */
    public static function units(string $spelling): array
    {
        return self::bySpelling()[$spelling] ?? [];
    }

    /** @return list<string> every spelling of a unit, the first being the commonest */
    public static function of(Unit $unit): array
    {
        return array_map(strval(...), array_keys(array_filter(self::bySpelling(), static fn (array $units): bool => \in_array($unit, $units, true))));
    }

    /** @return array<string, non-empty-list<Unit>> */
    private static function bySpelling(): array
    {
        if (null === self::$bySpelling) {
            $table = [];
            foreach (self::TABLE as [$unit, $spellings]) {
                foreach ($spellings as $spelling) {
                    $table[$spelling][] = $unit;
                }
            }
            self::$bySpelling = $table;
        }

        return self::$bySpelling;
    }
}
