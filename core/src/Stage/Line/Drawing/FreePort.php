<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** A port of a part at which nothing is joined. */
final readonly class FreePort implements Sent
{
    public function __construct(
        /** “pump-1.out”. */
        public string $port,
        public string $owner,
        public string $name,
        public string $word,
    ) {
    }
}
