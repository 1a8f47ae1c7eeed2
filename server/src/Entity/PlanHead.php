<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use YardCask\Core\Plan\Plan;

/** A plan in the store: its name for the list, and the number of its latest revision. */
#[ORM\Entity]
#[ORM\Table(name: 'plan')]
#[ORM\Index(name: 'plan_updated', columns: ['deleted_at', 'updated_at'])]
class PlanHead
{
    #[ORM\Column]
    private int $revision = 0;

    #[ORM\Column(length: 80)]
    private string $name = '';

    /** What the shelf says of the latest revision, as JSON; null until it is worked out. */
    #[ORM\Column(type: Types::TEXT, length: 65535, nullable: true)]
    private ?string $note = null;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
    private \DateTimeImmutable $updatedAt;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $deletedAt = null;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 12)]
        public readonly string $id,
        \DateTimeImmutable $createdAt,
    ) {
        $this->updatedAt = $createdAt;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function note(): ?string
    {
        return $this->note;
    }

    public function noted(string $note): void
    {
        $this->note = $note;
    }

    public function revision(): int
    {
        return $this->revision;
    }

    public function updatedAt(): \DateTimeImmutable
    {
        return $this->updatedAt;
    }

    public function isDeleted(): bool
    {
        return null !== $this->deletedAt;
    }

    /** Takes the plan as it is now. Gives the number of the revision that is to hold it. */
    public function revised(Plan $plan, \DateTimeImmutable $at): int
    {
        $this->name = $plan->name;
        $this->note = null;
        $this->updatedAt = $at;

        return ++$this->revision;
    }

    public function delete(\DateTimeImmutable $at): void
    {
        $this->deletedAt = $at;
    }

    public function undelete(): void
    {
        $this->deletedAt = null;
    }
}
