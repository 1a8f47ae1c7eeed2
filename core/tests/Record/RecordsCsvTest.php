<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Record;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Input\Json;
use YardCask\Core\Record\Cut;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\Note;
use YardCask\Core\Record\Offcuts;
use YardCask\Core\Record\Place;
use YardCask\Core\Record\Purchase;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\RecordKind;
use YardCask\Core\Record\RecordsCsv;

/** Records as a table: everything comes back as it was, whatever people write. */
final class RecordsCsvTest extends TestCase
{
    private const PIECES = ['=', '+', '-', '@', "'", '"', '""', ',', ';', "\n", "\t", ' ', '\\', '\\"', 'é', '水', '😀', '0', '1e5', 'Lid', 'true', '#', "\u{FEFF}"];

    public function testEveryTextComesBackAsItWas(): void
    {
        $random = new Randomizer(new Mt19937(22));
        for ($table = 0; $table < 300; ++$table) {
            $records = array_map(static fn (int $number): Record => self::record($random, $number), range(1, $random->getInt(1, 6)));
            $kept = array_map(static fn (Record $one): KeptRecord => new KeptRecord(7, '2026-06-02T08:00:00Z', null, $one), $records);
            self::assertEquals($records, RecordsCsv::read(RecordsCsv::write($kept)));
        }
    }

    public function testOlderTablesAreRead(): void
    {
        $note = new Record('00000000-0000-4000-8000-000000000001', RecordKind::Note, null, null, 1, null, '2026-06-01T08:00:00Z', null, false, new Note('Seen'));
        $table = RecordsCsv::write([new KeptRecord(1, '2026-06-01T08:00:00Z', null, $note)]);
        $beforePurchases = str_replace([',amount,price,shop,instead,length_m,offcuts_m', ",,,,,,\r\n"], ['', "\r\n"], $table);
        $beforePlaces = str_replace([',place', ",\r\n"], ['', "\r\n"], $beforePurchases);
        self::assertSame([19, 13], [substr_count($table, ',') / 2, substr_count($beforePurchases, ',') / 2]);
        foreach ([$beforePurchases, $beforePlaces] as $before) {
            self::assertEquals([$note], RecordsCsv::read($before));
        }
        $this->expectExceptionMessage('it has 14 cells, not 20');
        RecordsCsv::read(str_replace(",,,,,,\r\n", "\r\n", $table));
    }

    /** @return iterable<string, array{string, string}> */
    public static function purchases(): iterable
    {
        yield 'nothing said' => ['{}', 'amount'];
        yield 'less than nothing' => ['{"amount":-1}', '0'];
        yield 'a price below nothing' => ['{"amount":1,"price":-0.01}', '0'];
        yield 'a text for a price' => ['{"amount":1,"price":"free"}', 'number'];
        yield 'an endless shop' => [\sprintf('{"amount":1,"shop":"%s"}', str_repeat('x', 81)), '80'];
        yield 'what nobody asked for' => ['{"amount":1,"colour":"red"}', 'colour'];
    }

    #[DataProvider('purchases')]
    public function testWhatIsNoPurchaseIsRefused(string $purchase, string $why): void
    {
        $this->expectExceptionMessage($why);
        Record::read(Json::decode(\sprintf(
            '{"uuid":"00000000-0000-4000-8000-000000000001","kind":"purchase","part":"x","revision":1,"happened_at":"2026-06-01T08:00:00Z","purchase":%s}',
            $purchase,
        )));
    }

    /** @return iterable<string, array{string, string}> */
    public static function places(): iterable
    {
        yield 'one axis' => ['{"x_m":1}', 'two of x_m, y_m and z_m'];
        yield 'three axes' => ['{"x_m":1,"y_m":1,"z_m":1}', 'two of x_m, y_m and z_m'];
        yield 'far away' => ['{"x_m":1,"z_m":31}', '30'];
        yield 'another axis' => ['{"x_m":1,"w_m":1}', 'two of x_m, y_m and z_m'];
        yield 'a text' => ['"x=1"', 'object'];
    }

    #[DataProvider('places')]
    public function testWhatIsNoPlaceIsRefused(string $place, string $why): void
    {
        $this->expectExceptionMessage($why);
        Record::read(Json::decode(\sprintf(
            '{"uuid":"00000000-0000-4000-8000-000000000001","kind":"note","revision":1,"happened_at":"2026-06-01T08:00:00Z","note":{"text":"Seen","place":%s}}',
            $place,
        )));
    }

    public function testATableOfNothingIsOne(): void
    {
        self::assertSame([], RecordsCsv::read(RecordsCsv::write([])));
    }

    private static function place(Randomizer $random): ?Place
    {
        $m = static fn (): float => [$random->getInt(-300, 300) / 100, 1e-7 * $random->getInt(-9, 9), -30.0][$random->getInt(0, 2)];

        return match ($random->getInt(0, 3)) {
            0 => null,
            1 => new Place($m(), null, $m()),
            2 => new Place($m(), $m(), null),
            default => new Place(null, $m(), $m()),
        };
    }

    private static function record(Randomizer $random, int $number): Record
    {
        $text = static function (int $most, bool $inLines) use ($random): string {
            $text = 'x';
            for ($piece = 0; $piece < $random->getInt(1, $most); ++$piece) {
                $next = self::PIECES[$random->getInt(0, \count(self::PIECES) - 1)];
                $text = 0 === $random->getInt(0, 1) ? $text.$next : $next.$text;
            }

            return $inLines ? $text : str_replace(["\n", "\t"], '', $text);
        };
        $uuid = static fn (int $of): string => \sprintf('00000000-0000-4000-8000-%012d', $of);
        $retracts = 0 === $random->getInt(0, 4);
        $kind = RecordKind::cases()[$random->getInt(0, \count(RecordKind::cases()) - 1)];
        $isNote = RecordKind::Note === $kind;
        $purchase = new Purchase($random->getInt(0, 40) / 2, [null, 0.0, 12.35, 1e-3][$random->getInt(0, 3)], [null, $text(6, false)][$random->getInt(0, 1)]);

        return new Record(
            uuid: $uuid($number),
            kind: $kind,
            part: $isNote && 0 === $random->getInt(0, 2) ? null : $text(4, false),
            partName: 0 === $random->getInt(0, 2) ? null : $text(6, false),
            revision: $random->getInt(1, 5000),
            fingerprint: 0 === $random->getInt(0, 2) ? null : $text(4, false),
            happenedAt: '2026-06-01T08:00:00Z',
            replaces: $retracts || 0 === $random->getInt(0, 2) ? $uuid($number + 100) : null,
            retracts: $retracts,
            note: $retracts || !$isNote ? null : new Note($text(30, true), 0 === $random->getInt(0, 1) ? $uuid($number + 200) : null, self::place($random)),
            purchase: $retracts || RecordKind::Purchase !== $kind ? null : $purchase,
            offcuts: $retracts || RecordKind::Offcuts !== $kind ? null : new Offcuts(0 === $random->getInt(0, 2) ? [] : [0.5, $random->getInt(50, 9000) / 1000]),
            cut: $retracts || RecordKind::Cut !== $kind ? null : new Cut($random->getInt(10, 50_000) / 1000),
        );
    }
}
