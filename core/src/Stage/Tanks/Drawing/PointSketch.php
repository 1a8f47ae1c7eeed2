<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A point that a run passes, in m of the rig. */
final readonly class PointSketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public float $xM,
        public float $yM,
        public float $zM,
    ) {
    }
}
