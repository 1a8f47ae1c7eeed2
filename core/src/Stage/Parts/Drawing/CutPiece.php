<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A piece of pipe that is cut, or that is to be measured first. */
final readonly class CutPiece implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public function __construct(
        /** The id of its pipe. */
        public string $pipe,
        public string $name,
        public string $words,
        public float $mm,
        /** What of it is not seen afterwards. */
        public string $hidden,
        /** How long it was cut; empty while nobody has said it. */
        public string $cut,
        /** Puts that into the plan; null where it is there. */
        public ?SentFix $fix,
    ) {
    }
}
