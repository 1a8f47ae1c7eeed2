<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** How one tank is filled up on arrival. */
final readonly class ArrivalRow implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public string $name,
        public string $litresFigureId,
        /** Null where it has no fill that takes a hose. */
        public ?string $byHose,
        public string $byCans,
    ) {
    }
}
