<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\Joint;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LinePipe;

/** The highest pressure that a part, a pipe or the joints of a pipe can meet, against what they stand at their temperature. */
final readonly class RatedPeak
{
    public function __construct(
        public PlannedPart|LinePipe $subject,
        public PeakPressure $peak,
        public float $ratingKpa,
        /** Of the water that comes to it. */
        public float $c,
        /** Null where it is about the part or the pipe itself. */
        public ?Joint $joint = null,
    ) {
    }

    public function id(): string
    {
        return $this->subject instanceof PlannedPart ? $this->subject->id : $this->subject->pipe->id;
    }

    public function name(): string
    {
        if ($this->subject instanceof PlannedPart) {
            return $this->subject->name;
        }

        return null === $this->joint ? ucfirst($this->subject->words()) : 'Joints of the '.$this->subject->words();
    }

    /** Of the rating, more than 1 where it is over it. */
    public function share(): float
    {
        return $this->peak->kpa() / $this->ratingKpa;
    }
}
