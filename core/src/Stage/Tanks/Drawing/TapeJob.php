<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;

/** Something that is still to be measured under or in the vehicle. */
final readonly class TapeJob implements Sent
{
    public function __construct(
        public string $text,
        /** The field where the first figure goes. */
        public string $pointer,
    ) {
    }
}
