<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One way in which a valve can be turned. */
final readonly class ValvePosition implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $value,
        public string $text,
        /** Whether it is turned so in use. */
        public bool $usual,
    ) {
    }
}
