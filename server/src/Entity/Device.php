<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A device by its name, kept for good: what it saved goes on to carry it. */
#[ORM\Entity]
#[ORM\Table(name: 'device')]
class Device
{
    public const LONGEST_NAME = 60;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $removedAt = null;

    /** @param non-empty-string $id */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 12)]
        public readonly string $id,
        #[ORM\Column(length: self::LONGEST_NAME)]
        public readonly string $name,
        #[ORM\Column(length: 10)]
        public readonly DeviceKind $kind,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $addedAt,
    ) {
    }

    public function isRemoved(): bool
    {
        return null !== $this->removedAt;
    }

    public function remove(\DateTimeImmutable $at): void
    {
        $this->removedAt ??= $at;
    }
}
