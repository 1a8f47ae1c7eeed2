<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Input\Range;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What a device has recorded about a plan. It never changes: a change or a retraction is a record of its own that names the one it replaces. */
final readonly class Record implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public const LONGEST_ID = 60;
    public const LONGEST_NAME = 80;
    private const LONGEST_PRINT = 64;
    private const MOST_REVISIONS = 1_000_000_000;
    private const TIME = 'Y-m-d\TH:i:s\Z';
    private const EARLIEST = '2000-01-01T00:00:00Z';

    public function __construct(
        public string $uuid,
        public RecordKind $kind,
        /** The id of the part, pipe, tank or bay that it is about, or the item that was bought; null for the whole plan. */
        public ?string $part,
        /** What that was called then. */
        public ?string $partName,
        /** The revision of the plan at that time. */
        public int $revision,
        /** What it was made for, as a digest, so that a changed plan can say which are affected; null where that does not matter. */
        public ?string $fingerprint,
        /** By the device's clock, in UTC. */
        public string $happenedAt,
        /** The UUID of the record in whose place it stands. */
        public ?string $replaces,
        /** Whether it only takes that one back. */
        public bool $retracts,
        /** Of a note that is not a retraction. */
        public ?Note $note = null,
        /** Of a purchase that is not a retraction. */
        public ?Purchase $purchase = null,
        /** Of a cut that is not a retraction. */
        public ?Cut $cut = null,
        /** Of offcuts that are not a retraction. */
        public ?Offcuts $offcuts = null,
    ) {
    }

    /** @throws InvalidInput */
    public static function read(mixed $document): self
    {
        $in = InputReader::of($document);
        $uuid = Uuid::read($in, 'uuid');
        $kind = $in->choice('kind', RecordKind::cases());
        $retracts = $in->boolean('retracts', false);
        $replaces = $in->has('replaces') ? Uuid::read($in, 'replaces') : null;
        if ($retracts && null === $replaces) {
            $in->fail('replaces', 'Name the record that is taken back by its UUID.');
        }
        if ($replaces === $uuid) {
            $in->fail('replaces', 'A record cannot replace itself.');
        }
        if (RecordKind::Note !== $kind && !$in->has('part')) {
            $in->fail('part', 'Name the item that was bought, the pipe that was cut, or the sort of pipe.');
        }
        $record = new self(
            uuid: $uuid,
            kind: $kind,
            part: $in->has('part') ? $in->text('part', self::LONGEST_ID) : null,
            partName: $in->has('part_name') ? $in->text('part_name', self::LONGEST_NAME) : null,
            revision: (int) $in->number('revision', Range::between(1, self::MOST_REVISIONS)),
            fingerprint: $in->has('fingerprint') ? $in->text('fingerprint', self::LONGEST_PRINT) : null,
            happenedAt: self::time($in, 'happened_at'),
            replaces: $replaces,
            retracts: $retracts,
            note: $retracts || RecordKind::Note !== $kind ? null : Note::read($in->object('note')),
            purchase: $retracts || RecordKind::Purchase !== $kind ? null : Purchase::read($in->object('purchase')),
            cut: $retracts || RecordKind::Cut !== $kind ? null : Cut::read($in->object('cut')),
            offcuts: $retracts || RecordKind::Offcuts !== $kind ? null : Offcuts::read($in->object('offcuts')),
        );
        $in->finish();
        $in->throwIfInvalid();

        return $record;
    }

    /** What somebody may look for: what it says, and what it is about. */
    public function words(): string
    {
        return trim(implode("\n", array_filter([$this->note?->text, $this->partName, $this->purchase?->shop], is_string(...))));
    }

    /**
     * The same record under other UUIDs.
     *
     * @param \Closure(string): string $uuid the new one for each: its own, that of what it replaces and that of its photograph
     */
    public function renamed(\Closure $uuid): self
    {
        $photo = $this->note?->photo;

        return new self(
            uuid: $uuid($this->uuid),
            kind: $this->kind,
            part: $this->part,
            partName: $this->partName,
            revision: $this->revision,
            fingerprint: $this->fingerprint,
            happenedAt: $this->happenedAt,
            replaces: null === $this->replaces ? null : $uuid($this->replaces),
            retracts: $this->retracts,
            note: null === $this->note ? null : new Note($this->note->text, null === $photo ? null : $uuid($photo), $this->note->place),
            purchase: $this->purchase,
            cut: $this->cut,
            offcuts: $this->offcuts,
        );
    }

    private static function time(InputReader $in, string $key): string
    {
        $text = $in->text($key, 20);
        $time = \DateTimeImmutable::createFromFormat('!'.self::TIME, $text, new \DateTimeZone('UTC'));
        // What comes out otherwise than it went in was no such day: 31 June would be 1 July.
        if ('' !== $text && (false === $time || $time->format(self::TIME) !== $text || $text < self::EARLIEST)) {
            $in->fail($key, 'This must be a time in UTC from 2000 on, for example 2026-11-30T09:15:00Z.');
        }

        return $text;
    }
}
