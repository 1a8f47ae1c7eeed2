<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A search that is to stop, by the name that the page has given it; see StopFlag. */
#[ORM\Entity]
#[ORM\Table(name: 'stopped_search')]
class StoppedSearch
{
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 64)]
        public readonly string $name,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        public readonly \DateTimeImmutable $at,
    ) {
    }
}
