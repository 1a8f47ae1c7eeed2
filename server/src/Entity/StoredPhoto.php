<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A photograph as it was drawn anew here: a JPEG of nothing but its pixels. */
#[ORM\Entity]
#[ORM\Table(name: 'photo')]
#[ORM\Index(name: 'photo_plan', columns: ['plan_id'])]
class StoredPhoto
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $uuid,
        #[ORM\ManyToOne(targetEntity: PlanHead::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public readonly PlanHead $plan,
        /** SHA-256 of what was sent. */
        #[ORM\Column(length: 64)]
        public readonly string $digest,
        #[ORM\Column]
        public readonly int $width,
        #[ORM\Column]
        public readonly int $height,
        #[ORM\Column]
        public readonly int $bytes,
        /** @var resource|string */
        #[ORM\Column(type: Types::BLOB, length: 16777215)]
        public readonly mixed $jpeg,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $receivedAt,
    ) {
    }

    public function jpeg(): string
    {
        return \is_string($this->jpeg) ? $this->jpeg : (string) stream_get_contents($this->jpeg, -1, 0);
    }
}
