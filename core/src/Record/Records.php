<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

/** What findings need of the records that count: how many there are does not matter to them. */
final readonly class Records
{
    /**
     * @param list<NotedPart> $noted by their ids
     * @param list<Purchased> $purchased by the items
     * @param array<string, float> $cutM how long pipes were cut, in m, by their ids
     * @param array<string, list<float>> $offcutsM what the workshop has of each sort of pipe, in m
     */
    public function __construct(
        public array $noted,
        /** When the last note happened, by its device's clock, in UTC; null without any. */
        public ?string $latest,
        public array $purchased = [],
        public array $cutM = [],
        public array $offcutsM = [],
    ) {
    }

    public static function none(): self
    {
        return new self([], null);
    }

    /**
     * Of several that stand in each other's place the last that was received counts, unless it takes the one before back.
     *
     * @param list<Record> $received in the order of receipt
     */
    public static function of(array $received): self
    {
        $roots = $last = [];
        foreach ($received as $record) {
            $root = null === $record->replaces ? $record->uuid : $roots[$record->replaces] ?? $record->replaces;
            $roots[$record->uuid] = $root;
            $last[$root] = $record;
        }
        $counting = array_filter($received, static fn (Record $record): bool => !$record->retracts && $record === $last[$roots[$record->uuid]]);
        $noted = $purchased = $cutM = $offcutsM = [];
        foreach ($counting as $record) {
            if (null !== $record->purchase) {
                $purchased[(string) $record->part] = new Purchased((string) $record->part, $record->partName ?? (string) $record->part, $record->purchase);
            } elseif (null !== $record->cut) {
                $cutM[(string) $record->part] = $record->cut->lengthM;
            } elseif (null !== $record->offcuts) {
                $offcutsM[(string) $record->part] = $record->offcuts->lengthsM;
            } elseif (null !== $record->part && $record->happenedAt >= ($noted[$record->part]->happenedAt ?? '')) {
                $noted[$record->part] = $record;
            }
        }
        ksort($noted, \SORT_STRING);
        ksort($purchased, \SORT_STRING);
        ksort($cutM, \SORT_STRING);
        ksort($offcutsM, \SORT_STRING);
        $notes = array_filter($counting, static fn (Record $record): bool => RecordKind::Note === $record->kind);
        $times = array_map(static fn (Record $record): string => $record->happenedAt, array_values($notes));

        return new self(
            array_map(self::noted(...), array_values($noted)),
            [] === $times ? null : max($times),
            array_values($purchased),
            $cutM,
            $offcutsM,
        );
    }

    private static function noted(Record $record): NotedPart
    {
        $part = (string) $record->part;

        return new NotedPart($part, $record->partName ?? $part);
    }
}
