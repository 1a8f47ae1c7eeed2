<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

use YardCask\Core\Bay\Box;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A point that the axis of a pipe or hose passes: rearward, to the right, and up. */
final readonly class RunPoint
{
    public function __construct(
        public float $xM,
        public float $yM,
        public float $zM,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $point = new self($in->number('x_m', Range::any()), $in->number('y_m', Range::any(), 0.0), $in->number('z_m', Range::any()));
        $in->finish();

        return $point;
    }

    /** Whether it is inside a box, and not on a face of it. */
    public function isInside(Box $box): bool
    {
        return $this->depthMm($box) > 0;
    }

    /** How far it is inside a box, in mm to the nearest face; negative outside. */
    public function depthMm(Box $box): float
    {
        $mm = [1000 * $this->xM, 1000 * $this->yM, 1000 * $this->zM];

        return min(array_map(static fn (int $axis): float => min($mm[$axis] - $box->low[$axis], $box->high[$axis] - $mm[$axis]), [0, 1, 2]));
    }

    public function distanceM(self $other): float
    {
        return sqrt(($this->xM - $other->xM) ** 2 + ($this->yM - $other->yM) ** 2 + ($this->zM - $other->zM) ** 2);
    }
}
