<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

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

    public function distanceM(self $other): float
    {
        return sqrt(($this->xM - $other->xM) ** 2 + ($this->yM - $other->yM) ** 2 + ($this->zM - $other->zM) ** 2);
    }
}
