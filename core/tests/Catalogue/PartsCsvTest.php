<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Catalogue;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Catalogue\PartsCsv;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PumpFigures;

/** Parts as a table: what a spreadsheet makes of it is read, and what is wrong is said with its line. */
final class PartsCsvTest extends TestCase
{
    private const HEADING = 'name,kind,rating_kpa,rating_c,food_grade,weight_kg,price,figures';
    private const TAP = 'Moss tap,tap,600,60,yes,0.4,17,open_lpm=5 least_lpm=2 most_lpm=4 least_kpa=0';
    private const PUMP = '"Fen pump, small",pressure_pump,350,60,yes,1.9,64,"curve=0:330,3:230,7:40 volts=12 amps=3.5 cut_in_kpa=150 cut_out_kpa=280 primed_lift_m=3 dry_lift_m=1.8 noise_db=55"';

    /** @return iterable<string, array{string, list<string>}> */
    public static function tables(): iterable
    {
        yield 'one a line' => [self::HEADING."\n".self::TAP."\n".self::PUMP."\n", ['Moss tap', 'Fen pump, small']];
        yield 'without its heading' => [self::TAP, ['Moss tap']];
        yield 'as it leaves a spreadsheet' => [self::HEADING."\r\n".self::TAP."\r\n", ['Moss tap']];
        yield 'as old ones end their lines' => [self::HEADING."\r".self::TAP."\r", ['Moss tap']];
        yield 'with the hole it is set into' => [str_replace('least_kpa=0', 'least_kpa=0 hole_mm=35', self::TAP), ['Moss tap']];
        yield 'with lines left empty, and room about the cells' => ["\n".self::HEADING."\n\n  \n".str_replace(',', ' , ', self::TAP)."\n\n", ['Moss tap']];
        yield 'with a quote in a name' => [str_replace('Moss tap', '"Moss ""old"" tap"', self::TAP), ['Moss "old" tap']];
        yield 'the same one twice' => [self::TAP."\n".self::TAP, ['Moss tap', 'Moss tap']];
        yield 'yes and no in other words' => [str_replace(',yes,', ',TRUE,', self::TAP)."\n".str_replace(',yes,', ',0,', self::TAP), ['Moss tap', 'Moss tap']];
    }

    /** A spreadsheet takes what begins like this for a formula. */
    #[TestWith(['=1+1', "'=1+1"])]
    #[TestWith(['@moss', "'@moss"])]
    #[TestWith(['-3 tap', "'-3 tap"])]
    #[TestWith(['+tap', "'+tap"])]
    #[TestWith(["'=quoted", "''=quoted"])]
    #[TestWith(["'moss'", "'moss'"])]
    #[TestWith(['moss=tap', 'moss=tap'])]
    public function testANameThatReadsLikeAFormulaIsMarkedAsText(string $name, string $cell): void
    {
        $part = PartFields::changed(PartsCsv::read(self::TAP)[0], ['name' => $name]);
        $table = PartsCsv::write([$part]);
        self::assertStringStartsWith($cell.',tap,', explode("\r\n", $table)[1]);
        self::assertEquals([$part], PartsCsv::read($table));
    }

    /** @param list<string> $names */
    #[DataProvider('tables')]
    public function testIsReadAsItIsWritten(string $text, array $names): void
    {
        $parts = PartsCsv::read($text);
        self::assertSame($names, array_column($parts, 'name'));
        self::assertEquals($parts, PartsCsv::read(PartsCsv::write($parts)));
    }

    public function testTheFiguresOfAKindAreRead(): void
    {
        [$tap, $pump] = PartsCsv::read(self::TAP."\n".self::PUMP);
        self::assertSame([PartKind::Tap, 600.0, true, 0.4], [$tap->kind, $tap->make->ratingKpa, $tap->make->foodGrade, $tap->make->weightKg]);
        self::assertInstanceOf(OutletFigures::class, $tap->figures);
        self::assertSame([5.0, 2.0, 4.0], [$tap->figures->openLpm, $tap->figures->leastLpm, $tap->figures->mostLpm]);
        self::assertInstanceOf(PumpFigures::class, $pump->figures);
        self::assertSame([[0.0, 330.0], [3.0, 230.0], [7.0, 40.0]], $pump->figures->pairs());
        self::assertSame([150.0, 280.0], [$pump->figures->cutInKpa, $pump->figures->cutOutKpa]);
    }

    /** @return iterable<string, array{string, list<string>}> the table, and a part of each message, in their order */
    public static function mistakes(): iterable
    {
        yield 'nothing at all' => ['', ['from 1 to 200 parts']];
        yield 'a heading and nothing under it' => [self::HEADING, ['from 1 to 200 parts']];
        yield 'too few columns' => [self::TAP."\nMoss tap,tap,600", ['Line 2 must have 9 columns']];
        yield 'a comma in a number' => [str_replace(',0.4,', ',0,4,', self::TAP), ['Line 1 must have 9 columns', 'it has 9']];
        yield 'a kind that is none' => [self::HEADING."\n".str_replace(',tap,', ',spout,', self::TAP), ['Line 2, kind: This must be one of', '"tap"']];
        yield 'a word for a number' => [str_replace(',600,', ',six hundred,', self::TAP), ['Line 1, rating_kpa: This must be a number', '“six hundred”']];
        yield 'neither yes nor no' => [str_replace(',yes,', ',perhaps,', self::TAP), ['Line 1, food_grade: This must be true or false']];
        yield 'no name' => [str_replace('Moss tap', '', self::TAP), ['Line 1, name: This must be a text of 1 to']];
        yield 'a figure that is missing' => [str_replace(' least_kpa=0', '', self::TAP), ['Line 1, figures least_kpa']];
        yield 'an end of a port that it does not have' => [self::TAP.',out: barb 13.8 mm', ['Line 1, ends: “out” is no port of it: a tap has in']];
        yield 'a figure of another kind' => [self::TAP.' curve=0:330', ['Line 1, figures curve']];
        yield 'a figure that is too large' => [
            str_replace('open_lpm=5', 'open_lpm=5000', self::TAP),
            ['Line 1, figures open_lpm: 5000 is outside what is allowed here'],
        ];
        yield 'two lines with a mistake each, and one without' => [
            str_replace(',600,', ',much,', self::TAP)."\n".self::TAP."\n".str_replace(',17,', ',dear,', self::TAP),
            ['Line 1, rating_kpa', 'Line 3, price'],
        ];
        yield 'bytes that are no text' => ["Moss tap\xc3\x28", ['in UTF-8']];
        yield 'a table without end' => [str_repeat(self::TAP."\n", 201), ['from 1 to 200 parts']];
        yield 'more than is read' => [str_repeat('x', 200_001), ['at most 200000 characters']];
    }

    /** @param list<string> $words */
    #[DataProvider('mistakes')]
    public function testWhatIsWrongIsSaidWithItsLine(string $text, array $words): void
    {
        try {
            PartsCsv::read($text);
        } catch (InvalidInput $e) {
            self::assertSame(['/text'], array_values(array_unique(array_column($e->errors, 'pointer'))));
            $said = implode("\n", array_map(static fn (InputError $error): string => $error->message, $e->errors));
            foreach ($words as $word) {
                self::assertStringContainsString($word, $said);
            }

            return;
        }
        self::fail('It was read.');
    }
}
