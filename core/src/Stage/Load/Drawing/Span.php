<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** The length that is written below the drawing. */
final readonly class Span implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public float $fromM,
        public float $toM,
        public string $text,
        /** The field that it is read from; null where several axles carry together. */
        public ?string $pointer,
    ) {
    }
}
