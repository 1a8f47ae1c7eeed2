<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** The pipe from a store to an outlet, full of water that has grown cold. */
final readonly class DeadLeg
{
    public function __construct(
        public float $lengthM,
        public float $boreMm,
        public float $flowLpm,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $part = new self(
            $in->number('length_m', Range::notNegative()),
            $in->number('bore_mm', Range::positive()),
            $in->number('flow_lpm', Range::positive()),
        );
        $in->finish();

        return $part;
    }
}
