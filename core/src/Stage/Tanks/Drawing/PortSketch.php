<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A port of a tank as it stands in the rig, in m. */
final readonly class PortSketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $id,
        public float $xM,
        public float $yM,
        public float $zM,
        /** Whether a hand gets at it once the tank is in its bay; otherwise its fitting goes on before. Null where another stage is looked at. */
        public ?bool $reached,
    ) {
    }
}
