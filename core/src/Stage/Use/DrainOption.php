<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** Something that a use can drain to. */
final readonly class DrainOption implements Sent
{
    use SentAsDeclared;

    public function __construct(
        public string $value,
        public string $text,
    ) {
    }
}
