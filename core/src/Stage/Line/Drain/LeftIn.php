<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drain;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Words\Phrase;

/** A pipe or a part, and what stays in it when the line is drained. */
final readonly class LeftIn
{
    public const NOTHING_L = 1e-6;

    public function __construct(
        public LinePipe|PlannedPart $holder,
        public float $litres,
        /** How a hand takes it out; null where none can. */
        public ?HandWork $byHand = null,
    ) {
    }

    /** “the pipe from the tee to the basin tap”, “the storage heater”. */
    public function phrase(): Phrase
    {
        return $this->holder instanceof LinePipe ? $this->holder->phrase() : Phrase::verbatim($this->holder->spoken());
    }

    public function id(): string
    {
        return $this->holder instanceof LinePipe ? $this->holder->pipe->id : $this->holder->id;
    }
}
