<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/** A part of the line, or a tank, where it stands in the schematic. */
final readonly class LineElement implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    /** @param list<ValvePosition> $positions */
    public function __construct(
        public string $id,
        /** The part’s or the tank’s id. */
        public string $owner,
        /** What is drawn: a kind of part, `tank` or `tank_inlet`. */
        public string $kind,
        public string $kindWord,
        public string $name,
        public int $column,
        public int $row,
        /** Of the part in the plan; none of a tank. */
        public ?string $pointer,
        /** Whether it can be moved in the water’s path. */
        public bool $inPath,
        public bool $reversed,
        /** How it can be turned by hand to see what comes of it; none where nothing turns. */
        #[ListOf(ValvePosition::class)]
        public array $positions = [],
    ) {
    }
}
