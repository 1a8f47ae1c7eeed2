<?php

declare(strict_types=1);

namespace YardCask\Server\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** How many wrong attempts of a kind there were lately; a row for each kind, which is locked while one is checked. */
#[ORM\Entity]
#[ORM\Table(name: 'throttle')]
class Throttle
{
    private const MOST = 10;
    private const WITHIN_S = 300;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 10)]
        public readonly string $kind,
        #[ORM\Column(type: Types::DATETIME_IMMUTABLE)]
        private \DateTimeImmutable $since,
        #[ORM\Column]
        private int $failures = 0,
    ) {
    }

    /** In how many seconds another attempt may be made. */
    public function waitS(\DateTimeImmutable $now): int
    {
        $left = self::WITHIN_S - ($now->getTimestamp() - $this->since->getTimestamp());

        return $this->failures < self::MOST ? 0 : max(0, $left);
    }

    public function failed(\DateTimeImmutable $now): void
    {
        if ($now->getTimestamp() - $this->since->getTimestamp() >= self::WITHIN_S) {
            $this->since = $now;
            $this->failures = 0;
        }
        ++$this->failures;
    }
}
