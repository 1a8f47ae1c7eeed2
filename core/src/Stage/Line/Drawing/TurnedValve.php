<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;

/** How a valve stands. */
final readonly class TurnedValve implements Sent
{
    public function __construct(
        public string $id,
        /** A Position. */
        public string $position,
        /** “to the left” */
        public string $text,
    ) {
    }
}
