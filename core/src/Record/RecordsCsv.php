<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Output\Csv;

/** Records as CSV (RFC 4180), a row each under a heading, in the order in which they were received. */
final class RecordsCsv
{
    private const HEADING = [
        'number',
        'uuid',
        'kind',
        'part',
        'part_name',
        'revision',
        'fingerprint',
        'happened_at',
        'received_at',
        'replaces',
        'retracts',
        'text',
        'photo',
        'place',
        'amount',
        'price',
        'shop',
        'instead',
        'length_m',
        'offcuts_m',
    ];
    /** How many columns tables had before notes had places, before purchases and cuts were recorded, and now. */
    private const WIDTHS = [13, 14, 20];

    /** @param list<KeptRecord> $kept */
    public static function write(array $kept): string
    {
        return Csv::write([self::HEADING, ...array_map(self::row(...), $kept)]);
    }

    /**
     * @return list<Record> in the order of their rows
     *
     * @throws InvalidInput with the number of every row that is no record, at /records
     */
    public static function read(string $text): array
    {
        if (1 !== preg_match('//u', $text)) {
            throw InvalidInput::at('/records', 'The table of records must be in UTF-8.');
        }
        $rows = Csv::rows($text);
        $heading = array_shift($rows);
        if (!\in_array($heading, array_map(static fn (int $width): array => \array_slice(self::HEADING, 0, $width), self::WIDTHS), true)) {
            throw InvalidInput::at('/records', 'The table of records must begin with the heading '.implode(',', self::HEADING).'.');
        }
        $records = $errors = [];
        foreach ($rows as $index => $cells) {
            try {
                if (\count($cells) !== \count($heading)) {
                    throw InvalidInput::at('', \sprintf('it has %d cells, not %d.', \count($cells), \count($heading)));
                }
                $records[] = Record::read(self::document(array_combine($heading, $cells) + array_fill_keys(self::HEADING, '')));
            } catch (InvalidInput $e) {
                $errors[] = new InputError('/records', \sprintf('Record %d, %s: %s', $index + 1, ltrim($e->errors[0]->pointer, '/'), $e->errors[0]->message));
            }
        }

        return [] === $errors ? $records : throw InvalidInput::because($errors);
    }

    /** @param array<string, string> $cells */
    private static function document(array $cells): \stdClass
    {
        $retracts = 'yes' === $cells['retracts'];
        $filled = static fn (string $key): array => '' === $cells[$key] ? [] : [$key => Csv::unmarked($cells[$key])];

        return (object) [
            'uuid' => $cells['uuid'],
            'kind' => $cells['kind'],
            ...$filled('part'),
            ...$filled('part_name'),
            ...self::number('revision', $cells),
            ...$filled('fingerprint'),
            'happened_at' => $cells['happened_at'],
            ...$filled('replaces'),
            'retracts' => $retracts,
            ...match (true) {
                $retracts => [],
                RecordKind::Purchase->value === $cells['kind'] => ['purchase' => (object) [
                    ...self::number('amount', $cells),
                    ...self::number('price', $cells),
                    ...$filled('shop'),
                    ...$filled('instead'),
                ]],
                RecordKind::Cut->value === $cells['kind'] => ['cut' => (object) self::number('length_m', $cells)],
                RecordKind::Offcuts->value === $cells['kind'] => ['offcuts' => (object) ['lengths_m' => self::numbers($cells['offcuts_m'])]],
                default => ['note' => (object) [
                    'text' => Csv::unmarked($cells['text']),
                    ...$filled('photo'),
                    ...'' === $cells['place'] ? [] : ['place' => Place::ofCell($cells['place'])],
                ]],
            },
        ];
    }

    /**
     * @param array<string, string> $cells
     *
     * @return array<string, float|string> the cell itself where it is no number
     */
    private static function number(string $key, array $cells): array
    {
        return '' === $cells[$key] ? [] : [$key => is_numeric($cells[$key]) ? (float) $cells[$key] : $cells[$key]];
    }

    /** @return list<float|string> parted by blanks */
    private static function numbers(string $cell): array
    {
        return array_map(
            static fn (string $one): float|string => is_numeric($one) ? (float) $one : $one,
            array_values(array_filter(explode(' ', $cell), static fn (string $one): bool => '' !== $one)),
        );
    }

    /** @return list<string|int|float> */
    private static function row(KeptRecord $kept): array
    {
        $record = $kept->record;

        return [
            $kept->number,
            $record->uuid,
            $record->kind->value,
            Csv::asText($record->part ?? ''),
            Csv::asText($record->partName ?? ''),
            $record->revision,
            Csv::asText($record->fingerprint ?? ''),
            $record->happenedAt,
            $kept->receivedAt,
            $record->replaces ?? '',
            $record->retracts ? 'yes' : 'no',
            Csv::asText($record->note->text ?? ''),
            $record->note->photo ?? '',
            $record->note?->place?->inCell() ?? '',
            $record->purchase->amount ?? '',
            $record->purchase->price ?? '',
            Csv::asText($record->purchase->shop ?? ''),
            Csv::asText($record->purchase->instead ?? ''),
            $record->cut->lengthM ?? '',
            implode(' ', $record->offcuts->lengthsM ?? []),
        ];
    }
}
