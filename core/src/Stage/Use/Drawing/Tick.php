<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Output\Sent;

/** A round figure on the axis of litres. */
final readonly class Tick implements Sent
{
    public function __construct(
        public float $litres,
        public string $text,
    ) {
    }
}
