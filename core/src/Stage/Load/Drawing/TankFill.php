<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\Sent;

/** How full one of several tanks travels. */
final readonly class TankFill implements Sent
{
    public function __construct(
        public string $id,
        public string $travel,
        public string $full,
    ) {
    }
}
