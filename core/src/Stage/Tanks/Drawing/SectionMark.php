<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A mark for the gauge or a dip stick. */
final readonly class SectionMark implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $figureId,
        public string $share,
        public string $litres,
        public float $heightMm,
        public string $height,
        public string $fromTop,
    ) {
    }
}
