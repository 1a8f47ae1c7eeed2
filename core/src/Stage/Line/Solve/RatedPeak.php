<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\JoiningMethod;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Words\Phrase;

/** The highest pressure on a part, a pipe or a pipe's joints, against its rating at its temperature. */
final readonly class RatedPeak
{
    public function __construct(
        public PlannedPart|LinePipe $subject,
        public PeakPressure $peak,
        public float $ratingKpa,
        /** Of the water that comes to it. */
        public float $c,
        /** Null where it is about the part or the pipe itself. */
        public ?JoiningMethod $joint = null,
    ) {
    }

    public function id(): string
    {
        return $this->subject instanceof PlannedPart ? $this->subject->id : $this->subject->pipe->id;
    }

    /** What it is about, as it reads in a sentence: the part, the pipe, or the joints of the pipe. */
    public function subject(): string|Phrase
    {
        if ($this->subject instanceof PlannedPart) {
            return $this->subject->spoken();
        }

        return null === $this->joint ? $this->subject->phrase() : new Phrase('line.joints-of', ['pipe' => $this->subject->phrase()]);
    }

    /** The pipe whose joints it is about, or the part. */
    public function pipe(): Phrase
    {
        return $this->subject instanceof PlannedPart ? Phrase::verbatim($this->subject->spoken()) : $this->subject->phrase();
    }

    /** Of the rating, more than 1 where it is over it. */
    public function share(): float
    {
        return $this->peak->kpa() / $this->ratingKpa;
    }
}
