<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Quantity;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\QuantityParser;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Quantity\UnitSpelling;
use YardCask\Core\Quantity\UnreadableQuantity;

final class QuantityParserTest extends TestCase
{
    /** @return iterable<string, array{string, Kind, float, Unit}> what is typed, where, and what it is in a unit of choice */
    public static function readable(): iterable
    {
        $rows = [
            ['25', Kind::Volume, 25.0, Unit::Litre],
            ['25 L', Kind::Volume, 25.0, Unit::Litre],
            ['25l', Kind::Volume, 25.0, Unit::Litre],
            ['25.0 litres.', Kind::Volume, 25.0, Unit::Litre],
            ['25 US gal', Kind::Volume, 94.635295, Unit::Litre],
            ['25 U.S. gallons', Kind::Volume, 94.635295, Unit::Litre],
            ['25 imp gal', Kind::Volume, 113.65225, Unit::Litre],
            ['25 UK gallons', Kind::Volume, 113.65225, Unit::Litre],
            ['2 imp pt', Kind::Volume, 1.1365225, Unit::Litre],
            ['500 ml', Kind::Volume, 0.5, Unit::Litre],
            ['.5 L', Kind::Volume, 0.5, Unit::Litre],
            ['half a litre', Kind::Volume, 0.5, Unit::Litre],
            ['0,1 m³', Kind::Volume, 100.0, Unit::Litre],
            ['0.1 m3', Kind::Volume, 100.0, Unit::Litre],
            ['250 cm3', Kind::Volume, 0.25, Unit::Litre],
            ['25 gallons (US)', Kind::Volume, 94.635295, Unit::Litre],
            ['25 us-gal', Kind::Volume, 94.635295, Unit::Litre],
            ['two and a half litres', Kind::Volume, 2.5, Unit::Litre],
            ['a quarter litre', Kind::Volume, 0.25, Unit::Litre],
            ['25,', Kind::Volume, 25.0, Unit::Litre],
            ['2 x 20 L', Kind::Volume, 40.0, Unit::Litre],
            ['2×20', Kind::Volume, 40.0, Unit::Litre],
            ['about 25 L', Kind::Volume, 25.0, Unit::Litre],
            ['940', Kind::Length, 940.0, Unit::Millimetre],
            ['1 200 mm', Kind::Length, 1200.0, Unit::Millimetre],
            ["1\u{202F}200 mm", Kind::Length, 1200.0, Unit::Millimetre],
            ['94 cm', Kind::Length, 940.0, Unit::Millimetre],
            ['0,94 m', Kind::Length, 940.0, Unit::Millimetre],
            ['1 m 20 cm', Kind::Length, 1200.0, Unit::Millimetre],
            ['3/8 in', Kind::Length, 9.525, Unit::Millimetre],
            ['3/8"', Kind::Length, 9.525, Unit::Millimetre],
            ['1½"', Kind::Length, 38.1, Unit::Millimetre],
            ['1 1/2 in', Kind::Length, 38.1, Unit::Millimetre],
            ['1-1/2 in', Kind::Length, 38.1, Unit::Millimetre],
            ['1ft 9', Kind::Length, 533.4, Unit::Millimetre],
            ['1ft9in', Kind::Length, 533.4, Unit::Millimetre],
            ["6'2\"", Kind::Length, 74.0, Unit::Inch],
            ["6'2", Kind::Length, 74.0, Unit::Inch],
            ['6′ 2″', Kind::Length, 74.0, Unit::Inch],
            ['5 ft 11 1/2 in', Kind::Length, 71.5, Unit::Inch],
            ["1'-9\"", Kind::Length, 21.0, Unit::Inch],
            ['1 ft - 9 in', Kind::Length, 21.0, Unit::Inch],
            ['-300', Kind::Length, -300.0, Unit::Millimetre],
            ['−0.3 m', Kind::Length, -300.0, Unit::Millimetre],
            ['620 left', Kind::Sideways, -620.0, Unit::Millimetre],
            ['620 mm to the left', Kind::Sideways, -620.0, Unit::Millimetre],
            ['2 ft right', Kind::Sideways, 609.6, Unit::Millimetre],
            ['300 starboard', Kind::Sideways, 300.0, Unit::Millimetre],
            ['620 mm left of centre', Kind::Sideways, -620.0, Unit::Millimetre],
            ['to the left 620', Kind::Sideways, -620.0, Unit::Millimetre],
            ['port 2 ft', Kind::Sideways, -609.6, Unit::Millimetre],
            ['-620', Kind::Sideways, -620.0, Unit::Millimetre],
            ['middle', Kind::Sideways, 0.0, Unit::Millimetre],
            ['centre', Kind::Sideways, 0.0, Unit::Millimetre],
            ['2 855 kg', Kind::Mass, 2855.0, Unit::Kilogram],
            ['2855,5', Kind::Mass, 2855.5, Unit::Kilogram],
            ['1,234.5 kg', Kind::Mass, 1234.5, Unit::Kilogram],
            ['1.234,5 kg', Kind::Mass, 1234.5, Unit::Kilogram],
            ['1,234,567 g', Kind::Mass, 1234.567, Unit::Kilogram],
            ['3.5 t', Kind::Mass, 3500.0, Unit::Kilogram],
            ['12 st', Kind::Mass, 168.0, Unit::Pound],
            ['12st 4', Kind::Mass, 172.0, Unit::Pound],
            ['2 lb 8 oz', Kind::Mass, 2.5, Unit::Pound],
            ['152 + 84 kg', Kind::Mass, 236.0, Unit::Kilogram],
            ['2 x 80 kg', Kind::Mass, 160.0, Unit::Kilogram],
            ['2.4 bar', Kind::Pressure, 240.0, Unit::Kilopascal],
            ['2,4 bar', Kind::Pressure, 240.0, Unit::Kilopascal],
            ['35 psi', Kind::Pressure, 241.31651, Unit::Kilopascal],
            ['2 kg/cm2', Kind::Pressure, 196.133, Unit::Kilopascal],
            ['35 lb/in2', Kind::Pressure, 241.31651, Unit::Kilopascal],
            ['10 ft of head', Kind::Pressure, 29.89067, Unit::Kilopascal],
            ['10 m of water', Kind::Pressure, 98.0665, Unit::Kilopascal],
            ['68 °F', Kind::Temperature, 20.0, Unit::Celsius],
            ['59 f', Kind::Temperature, 15.0, Unit::Celsius],
            ['15', Kind::Temperature, 15.0, Unit::Celsius],
            ['-4 °C', Kind::Temperature, -4.0, Unit::Celsius],
            ['4.5 lpm', Kind::Flow, 4.5, Unit::LitrePerMinute],
            ['4.5 litres / min', Kind::Flow, 4.5, Unit::LitrePerMinute],
            ['270 l/h', Kind::Flow, 4.5, Unit::LitrePerMinute],
            ['1.2 US gpm', Kind::Flow, 4.542494, Unit::LitrePerMinute],
            ['3', Kind::Duration, 3.0, Unit::Minute],
            ['90s', Kind::Duration, 1.5, Unit::Minute],
            ['3:30', Kind::Duration, 3.5, Unit::Minute],
            ['1 h 30', Kind::Duration, 90.0, Unit::Minute],
            ['three days', Kind::Days, 3.0, Unit::Day],
            ['a week', Kind::Days, 7.0, Unit::Day],
            ['36 h', Kind::Days, 1.5, Unit::Day],
            ['10', Kind::Share, 0.1, Unit::Fraction],
            ['10 %', Kind::Share, 0.1, Unit::Fraction],
            ['half', Kind::Share, 0.5, Unit::Fraction],
            ['three quarters', Kind::Share, 0.75, Unit::Fraction],
            ['1/4', Kind::Share, 0.25, Unit::Fraction],
            ['2 people', Kind::Count, 2.0, Unit::One],
        ];
        foreach ($rows as $row) {
            yield $row[0].' as '.$row[1]->value => $row;
        }
    }

    #[DataProvider('readable')]
    public function testReadsWhatPeopleType(string $text, Kind $kind, float $value, Unit $unit): void
    {
        self::assertEqualsWithDelta($value, (new QuantityParser(new UnitPreferences()))->parse($text, $kind)->in($unit), 1e-5);
    }

    /** @return iterable<string, array{string, Kind, string, list<string>}> what is typed, where, a part of the answer, and the readings offered */
    public static function unreadable(): iterable
    {
        $rows = [
            ['', Kind::Volume, 'This is empty', []],
            ['-', Kind::Length, 'no number', []],
            ['abc', Kind::Volume, 'no number', []],
            ['NaN', Kind::Volume, 'no number', []],
            ['25 glub', Kind::Volume, '“glub” is not known', []],
            ['1e308', Kind::Volume, '“e” is not known', []],
            ['25 kg', Kind::Volume, 'is a mass, but this field takes a volume', []],
            ['25 L', Kind::Length, 'is a volume, but this field takes a length', []],
            ['30 lb', Kind::Pressure, 'is a mass, but this field takes a pressure', []],
            ['25-30 L', Kind::Volume, 'not one quantity', []],
            ['-620 left', Kind::Sideways, 'not one quantity', []],
            ['620 L', Kind::Sideways, 'is a volume, but this field takes a distance left or right', []],
            ['left', Kind::Sideways, 'no number', []],
            ['1,2,3', Kind::Length, 'no number', []],
            ['25 to 30 L', Kind::Volume, '“to” is not known', []],
            ['--5', Kind::Mass, 'not one quantity', []],
            ['8 in 3 ft', Kind::Length, 'not one quantity', []],
            ['1 m 20', Kind::Length, 'not clear what the 20', []],
            ['1/0 in', Kind::Length, 'divides by zero', []],
            ['1.2.3 L', Kind::Volume, 'no number', []],
            ['25 gal', Kind::Volume, 'two ways', ['25 US gal', '25 imp gal']],
            ['4 gpm', Kind::Flow, 'two ways', ['4 US gal/min', '4 imp gal/min']],
            ['5 fl oz', Kind::Volume, 'two ways', ['5 US fl oz', '5 imp fl oz']],
            ['2,855', Kind::Mass, 'two ways', ['2855', '2.855']],
            ['2,855 kg', Kind::Mass, 'two ways', ['2855 kg', '2.855 kg']],
            ['3/8', Kind::Length, 'two ways', ['3/8 in', '3/8 mm']],
            ['0.1', Kind::Share, 'two ways', ['10 %', '0.1 %']],
        ];
        foreach ($rows as $row) {
            yield $row[0].' as '.$row[1]->value => $row;
        }
    }

    /** @param list<string> $choices */
    #[DataProvider('unreadable')]
    public function testSaysWhyItCannotRead(string $text, Kind $kind, string $because, array $choices): void
    {
        $parser = new QuantityParser(new UnitPreferences());
        try {
            $read = $parser->parse($text, $kind);
            self::fail("“{$text}” was read as {$read->value} {$read->unit->value}.");
        } catch (UnreadableQuantity $e) {
            self::assertStringContainsString($because, $e->getMessage());
            self::assertSame($choices, $e->choices);
            foreach ($choices as $choice) {
                $parser->parse($choice, $kind);
            }
        }
    }

    public function testEverySpellingInTheTableIsReadAsItsUnitOrNamedAmongTheChoices(): void
    {
        $parser = new QuantityParser(new UnitPreferences());
        foreach (Unit::cases() as $unit) {
            foreach (UnitSpelling::of($unit) as $spelling) {
                try {
                    $read = $parser->parse('2 '.$spelling, $unit->kind())->unit;
                    self::assertSame($unit, $read, $spelling);
                } catch (UnreadableQuantity $e) {
                    self::assertContains('2 '.$unit->value, $e->choices, $spelling.': '.$e->getMessage());
                }
            }
        }
    }

    public function testReadsABareNumberAndAnAmbiguousGallonInThePlansOwnUnits(): void
    {
        $imperial = new QuantityParser(new UnitPreferences(Unit::ImperialGallon, Unit::Inch, Unit::Pound));
        self::assertEqualsWithDelta(45.4609, $imperial->parse('10', Kind::Volume)->in(Unit::Litre), 1e-9);
        self::assertEqualsWithDelta(45.4609, $imperial->parse('10 gal', Kind::Volume)->in(Unit::Litre), 1e-9);
        self::assertEqualsWithDelta(9.525, $imperial->parse('3/8', Kind::Length)->in(Unit::Millimetre), 1e-9);
        $us = new QuantityParser(new UnitPreferences(Unit::UsGallon));
        self::assertEqualsWithDelta(3.785411784, $us->parse('1 gpm', Kind::Flow)->in(Unit::LitrePerMinute), 1e-9);
    }
}
