<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A point in the rig, in m. */
final readonly class RigPoint implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public float $xM,
        public float $yM,
        public float $zM,
    ) {
    }
}
