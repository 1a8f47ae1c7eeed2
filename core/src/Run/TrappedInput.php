<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A run that is open at both ends, straight between its points. */
final readonly class TrappedInput
{
    /** @param list<RunPoint> $points at least two */
    public function __construct(
        public float $boreMm,
        public array $points,
        /** Nose down: heights rise by it per metre rearward. */
        public float $gradePercent = 0.0,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $input = new self(
            $in->number('bore_mm', Range::positive()),
            array_map(RunPoint::read(...), $in->objects('points', 1000)),
            $in->number('grade_percent', Range::any(), 0.0),
        );
        if (!$in->failed() && \count($input->points) < 2) {
            $in->fail('points', 'A run has at least two points.');
        }
        $in->finish();

        return $input;
    }

    /** The height of a point as the rig stands. */
    public function heightM(RunPoint $point): float
    {
        return $point->zM + $this->gradePercent / 100 * $point->xM;
    }
}
