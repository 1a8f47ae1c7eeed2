<?php

declare(strict_types=1);

namespace YardCask\Core\Tests\Record;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\Note;
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

    public function testATableOfNothingIsOne(): void
    {
        self::assertSame([], RecordsCsv::read(RecordsCsv::write([])));
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

        return new Record(
            uuid: $uuid($number),
            kind: RecordKind::Note,
            part: 0 === $random->getInt(0, 2) ? null : $text(4, false),
            partName: 0 === $random->getInt(0, 2) ? null : $text(6, false),
            revision: $random->getInt(1, 5000),
            fingerprint: 0 === $random->getInt(0, 2) ? null : $text(4, false),
            happenedAt: '2026-06-01T08:00:00Z',
            replaces: $retracts || 0 === $random->getInt(0, 2) ? $uuid($number + 100) : null,
            retracts: $retracts,
            note: $retracts ? null : new Note($text(30, true), 0 === $random->getInt(0, 1) ? $uuid($number + 200) : null),
        );
    }
}
