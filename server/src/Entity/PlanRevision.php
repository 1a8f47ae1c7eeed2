<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A plan as it once was: the whole document, never changed afterwards. */
#[ORM\Entity]
#[ORM\Table(name: 'plan_revision')]
#[ORM\Index(name: 'plan_revision_device', columns: ['device_id'])]
#[ORM\UniqueConstraint(name: 'plan_revision_number', columns: ['plan_id', 'number'])]
#[ORM\Index(name: 'plan_revision_saved', columns: ['saved_at'])]
class PlanRevision
{
    public const LONGEST_NAME = 80;

    /** Assigned by the database when the revision is stored. */
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    /** What its user calls it; one that has a name is kept for good. */
    #[ORM\Column(length: self::LONGEST_NAME, nullable: true)]
    public ?string $name = null;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: PlanHead::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly PlanHead $plan,
        #[ORM\Column]
        public readonly int $number,
        /** The plan file, byte for byte. */
        #[ORM\Column(name: 'packed', type: CompressedText::NAME)]
        public readonly string $document,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $savedAt,
        #[ORM\Column(length: 10)]
        public readonly RevisionOrigin $origin,
        /** In words, against the revision before it; empty for the first. */
        #[ORM\Column(type: Types::TEXT, length: 65535)]
        public readonly string $changed,
        /** That saved it; null for the machine that serves it. */
        #[ORM\ManyToOne(targetEntity: Device::class)]
        #[ORM\JoinColumn(nullable: true)]
        public readonly ?Device $device,
    ) {
    }
}
