<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Output\Sent;

/** Something that a use can be drawn from or drain to. */
final readonly class EndOption implements Sent
{
    public function __construct(
        public string $value,
        public string $text,
    ) {
    }
}
