<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** There while the tables are being brought up to date; see UpgradeSign. */
#[ORM\Entity]
#[ORM\Table(name: 'upgrade')]
class UpgradeMark
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column]
        public readonly int $id,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $since,
    ) {
    }
}
