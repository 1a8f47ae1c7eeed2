<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A tank cut open while its water is tilted, as it travels. The surface may run on above the lid and below the floor. */
final readonly class TiltSketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** @param list<OpenEndSketch> $ends */
    public function __construct(
        public string $id,
        /** “Braking hard”. */
        public string $title,
        /** Whether it is cut along the rig, or else across it. */
        public bool $lengthwise,
        /** Of the cut, from wall to wall. */
        public float $lengthMm,
        /** Above the floor at its front or left wall. */
        public float $fromMm,
        /** … and at its rear or right one. */
        public float $toMm,
        public string $words,
        #[ListOf(OpenEndSketch::class)]
        public array $ends,
    ) {
    }
}
