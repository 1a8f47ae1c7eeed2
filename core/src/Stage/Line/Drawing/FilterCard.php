<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A filter: how often water goes through it, and how long it lasts. */
final readonly class FilterCard implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** The part's. */
        public string $id,
        public string $words,
        public string $lastsFigureId,
    ) {
    }
}
