<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A link to one plan. No backup holds it. */
#[ORM\Entity]
#[ORM\Table(name: 'share')]
#[ORM\Index(name: 'share_plan', columns: ['plan_id'])]
#[ORM\UniqueConstraint(name: 'share_digest', columns: ['digest'])]
class Share
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 12)]
        public readonly string $id,
        #[ORM\ManyToOne(targetEntity: PlanHead::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly PlanHead $plan,
        /** SHA-256 of the secret in the link. */
        #[ORM\Column(length: 64)]
        public readonly string $digest,
        #[ORM\Column]
        public readonly bool $mayNote,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $madeAt,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $expiresAt,
    ) {
    }
}
