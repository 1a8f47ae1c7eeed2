<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The passphrase, as its hash alone; there is one row at most. No backup holds it. */
#[ORM\Entity]
#[ORM\Table(name: 'passphrase')]
class Passphrase
{
    public const ONLY = 1;

    #[ORM\Id]
    #[ORM\Column]
    public readonly int $id;

    public function __construct(
        #[ORM\Column(length: 255)]
        public string $hash,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public \DateTimeImmutable $setAt,
    ) {
        $this->id = self::ONLY;
    }
}
