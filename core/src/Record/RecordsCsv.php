<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Output\Csv;

/** Records as CSV, a line each under a heading, in the order in which they were received. */
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
    ];

    /** @param list<KeptRecord> $kept */
    public static function write(array $kept): string
    {
        return Csv::write([self::HEADING, ...array_map(self::row(...), $kept)]);
    }

    /** @return list<string|int> */
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
        ];
    }
}
