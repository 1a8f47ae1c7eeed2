<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** What an axle carried on the weighbridge, and what it may carry, both in kg. */
final readonly class Axle
{
    public function __construct(
        public float $weighedKg,
        public float $limitKg,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $axle = new self($in->number('weighed_kg', Range::notNegative()), $in->number('limit_kg', Range::positive()));
        $in->finish();

        return $axle;
    }
}
