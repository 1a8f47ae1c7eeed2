<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use YardCask\Core\Input\Json;
use YardCask\Core\Record\KeptRecord;
use YardCask\Core\Record\Record;

/** A record as it was received; never changed, and numbered in the order of receipt. */
#[ORM\Entity]
#[ORM\Table(name: 'record')]
#[ORM\Index(name: 'record_device', columns: ['device_id'])]
#[ORM\UniqueConstraint(name: 'record_uuid', columns: ['uuid'])]
#[ORM\Index(name: 'record_root', columns: ['root', 'id'])]
#[ORM\Index(name: 'record_happened', columns: ['plan_id', 'happened_at', 'id'])]
class StoredRecord
{
    /** Assigned by the database when it is stored. */
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::BIGINT)]
    public ?int $id = null;

    #[ORM\Column(length: 36)]
    public readonly string $uuid;

    #[ORM\Column(length: 20)]
    public readonly string $kind;

    #[ORM\Column(length: 60)]
    public readonly string $part;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    public readonly \DateTimeImmutable $happenedAt;

    #[ORM\Column]
    public readonly bool $retracts;

    /** In which it is searched. */
    #[ORM\Column(type: Types::TEXT, length: 65535)]
    public readonly string $words;

    /** All of it, as JSON. */
    #[ORM\Column(type: Types::TEXT, length: 65535)]
    public readonly string $document;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: PlanHead::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly PlanHead $plan,
        Record $record,
        /** The UUID of the first record in whose place others stood since; its own where it is the first. */
        #[ORM\Column(length: 36)]
        public readonly string $root,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $receivedAt,
        /** That recorded it; null for the machine that serves it. */
        #[ORM\ManyToOne(targetEntity: Device::class, fetch: 'EAGER')]
        #[ORM\JoinColumn(nullable: true)]
        public readonly ?Device $device,
    ) {
        $this->uuid = $record->uuid;
        $this->kind = $record->kind->value;
        $this->part = $record->part ?? '';
        $this->happenedAt = new \DateTimeImmutable($record->happenedAt);
        $this->retracts = $record->retracts;
        $this->words = $record->words();
        $this->document = Json::encode($record);
    }

    public function kept(): KeptRecord
    {
        $received = $this->receivedAt->format('Y-m-d\TH:i:s\Z');

        return new KeptRecord((int) $this->id, $received, $this->device?->name, Record::read(Json::decode($this->document)));
    }
}
