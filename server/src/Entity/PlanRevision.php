<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A plan as it once was: the whole document, never changed afterwards. */
#[ORM\Entity]
#[ORM\Table(name: 'plan_revision')]
#[ORM\UniqueConstraint(name: 'plan_revision_number', columns: ['plan_id', 'number'])]
class PlanRevision
{
    /** Assigned by the database when the revision is stored. */
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: StoredPlan::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly StoredPlan $plan,
        #[ORM\Column]
        public readonly int $number,
        /** The plan file, byte for byte. */
        #[ORM\Column(type: Types::TEXT, length: 16777215)]
        public readonly string $document,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $savedAt,
    ) {
    }
}
