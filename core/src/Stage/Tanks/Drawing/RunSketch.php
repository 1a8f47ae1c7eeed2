<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A hose from a tank's port to its end. */
final readonly class RunSketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** @param list<PointSketch> $points from the port on */
    public function __construct(
        public string $id,
        public string $portId,
        #[ListOf(PointSketch::class)]
        public array $points,
        /** How long it is, and what stays in it. */
        public string $words,
    ) {
    }
}
