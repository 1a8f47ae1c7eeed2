<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** Where a part of the line stands in the rig. */
final readonly class PlacedPart implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public string $name,
        public float $xM,
        public float $yM,
        public float $zM,
        /** Drawn beside what it is joined to: nobody has said where it stands. */
        public bool $guessed,
    ) {
    }
}
