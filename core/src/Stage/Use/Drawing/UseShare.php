<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Use\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** One use with its litres a day, and its share of its supply from 0 to 1. */
final readonly class UseShare implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public string $daily,
        public float $share,
        /** The figure of the outlet's flow, where that is the flow of the use. */
        public ?string $flowFigure = null,
    ) {
    }
}
