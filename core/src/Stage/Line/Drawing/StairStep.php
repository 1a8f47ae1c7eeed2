<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A step of the pressure stair: what stands before and behind a part. */
final readonly class StairStep implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        public string $element,
        public float $inKpa,
        public float $outKpa,
        /** “−62”; empty where it takes nothing to speak of. */
        public string $words,
        /** Whether nothing on the way takes more. */
        public bool $most,
    ) {
    }
}
