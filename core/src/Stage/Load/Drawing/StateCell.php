<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** What is left to one limit in one state. */
final readonly class StateCell implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** Of what rests on it then. */
        public string $figureId,
        public string $spare,
        public bool $over,
    ) {
    }
}
