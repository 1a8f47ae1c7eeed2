<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A round figure on the axis of litres. */
final readonly class Tick implements Sent
{
    use SentAsDeclared;

    public function __construct(
        public float $litres,
        public string $text,
    ) {
    }
}
