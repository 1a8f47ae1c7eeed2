<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A pipe of the schematic. */
final readonly class PipeSketch implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /**
     * @param list<RigPoint> $points
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $pointer,
        /** The element that it leaves. */
        public string $from,
        public string $to,
        /** Whether it turns into its row where it begins, and not where it ends. */
        public bool $turnsFirst,
        /** The row below which it has a lane of its own, or -1 above the first row; none if it runs along its row. */
        public ?int $laneBelow,
        public ?int $lane,
        public bool $hot,
        /** “0.3 m, 12.5 mm, guessed”. */
        public string $words,
        public bool $guessed,
        /** In the rig, from its beginning. */
        #[ListOf(RigPoint::class)]
        public array $points,
    ) {
    }
}
