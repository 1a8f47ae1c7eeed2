<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A code that lets one device in, once and for a short time. No backup holds it. */
#[ORM\Entity]
#[ORM\Table(name: 'pairing_code')]
class PairingCode
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public readonly string $digest,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $expiresAt,
    ) {
    }
}
