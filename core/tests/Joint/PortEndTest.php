<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Joint;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use YardCask\Core\Input\Json;
use YardCask\Core\Joint\Material;
use YardCask\Core\Joint\PortEnd;
use YardCask\Core\Joint\PortEnds;

/** Ends in one line of text: what is read of them, and what stays as it was typed. */
final class PortEndTest extends TestCase
{
    /** @return iterable<string, array{string, string, float|null, float|null, Material|null}> the text, the end as JSON, and what else is known */
    public static function lines(): iterable
    {
        yield 'a thread' => ['thread 1/2 iso_228 male flat', '{"system":"thread","standard":"iso_228","size":"1/2","sex":"male","seat":"flat"}', null, null, null];
        yield 'a thread of two words' => ['thread 1 1/4 iso_7 female', '{"system":"thread","standard":"iso_7","size":"1 1/4","sex":"female"}', null, null, null];
        yield 'a barb with all that is known of it' => ['barb 13.8, 25 deep, bore 9.5, metal', '{"system":"barb","outer_mm":13.8}', 25.0, 9.5, Material::Metal];
        yield 'a hose' => ['hose 12.5 braided', '{"system":"hose","inner_mm":12.5,"wall":"braided"}', null, null, null];
        yield 'a tube' => ['tube 15, 24 deep', '{"system":"tube","outer_mm":15}', 24.0, null, null];
        yield 'a push-fit of plastic' => ['push 12, plastic', '{"system":"push","outer_mm":12}', null, null, Material::Plastic];
        yield 'a crimp spigot' => ['crimp 16, bore 9', '{"system":"crimp","nominal":"16"}', null, 9.0, null];
        yield 'a pipe for crimping' => ['crimp_tube 3/8', '{"system":"crimp_tube","nominal":"3/8"}', null, null, null];
        yield 'a compression fitting' => ['compression 22', '{"system":"compression","outer_mm":22}', null, null, null];
        yield 'a cement socket' => ['solvent 20', '{"system":"solvent","outer_mm":20}', null, null, null];
        yield 'a grommet' => ['grommet 40 for 28', '{"system":"grommet","outer_mm":28,"hole_mm":40}', null, null, null];
        yield 'a coupling with a name of several words' => ['own pump clip socket', '{"system":"own","family":"pump clip","side":"socket"}', null, null, null];
    }

    #[DataProvider('lines')]
    public function testALineIsReadAndWrittenAgain(string $text, string $end, ?float $deepMm, ?float $boreMm, ?Material $material): void
    {
        $read = PortEnd::read($text);
        self::assertJsonStringEqualsJsonString($end, Json::encode($read->end));
        self::assertSame([$deepMm, $boreMm, $material], [$read->deepMm, $read->boreMm, $read->material]);
        self::assertNotNull($read->end);
        self::assertSame($text, (string) PortEnd::of($read->end, $deepMm, $boreMm, $material));
    }

    public function testMillimetresMayBeWrittenOut(): void
    {
        self::assertEquals(PortEnd::read('barb 13.8, 25 deep, bore 9.5')->end, PortEnd::read('barb 13.8 mm, 25 mm deep, bore 9.5mm')->end);
        self::assertSame([25.0, 9.5], [PortEnd::read('barb 13.8 mm, 25 mm deep, bore 9.5mm')->deepMm, PortEnd::read('barb 13.8 mm, 25 mm deep, bore 9.5mm')->boreMm]);
    }

    /** @return iterable<string, array{string}> */
    public static function unread(): iterable
    {
        yield 'what names a hose' => ['barb for a hose of 12 mm'];
        yield 'a size that there is not' => ['thread 5/8 iso_7 male'];
        yield 'no sex' => ['thread 1/2 iso_228'];
        yield 'a hose without its wall' => ['hose 12 mm'];
        yield 'a hole narrower than its tube' => ['grommet 20 for 25'];
        yield 'a remark' => ['barb 13.8, the old one'];
        yield 'too small to be one' => ['tube 0.1'];
        yield 'nothing' => [''];
        yield 'no system' => ['half inch male'];
        yield 'more behind it' => ['crimp 16 mm'];
    }

    #[DataProvider('unread')]
    public function testWhatCannotBeReadStaysAsItWasTyped(string $text): void
    {
        $read = PortEnd::read($text);
        self::assertNull($read->end);
        self::assertSame($text, (string) $read);
    }

    public function testThePortsOfAPartAreReadAndWritten(): void
    {
        $text = 'in: barb 13.8; out: thread 1/2 iso_228 male; c: some old thing';
        $ends = PortEnds::read($text);
        self::assertSame(['in', 'out', 'c'], array_keys($ends));
        self::assertNull($ends['c']->end);
        self::assertSame($text, PortEnds::write($ends));
        self::assertSame([], PortEnds::read(null));
        self::assertSame([''], array_keys(PortEnds::read('barb 13.8')));
    }
}
