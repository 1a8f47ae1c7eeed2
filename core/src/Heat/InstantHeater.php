<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Water that is warmed while it runs through. */
final readonly class InstantHeater
{
    public function __construct(
        public float $watts,
        public float $inletC,
        public float $flowLpm,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $part = new self(
            $in->number('watts', Range::notNegative()),
            $in->number('inlet_c', Range::between(0, 100)),
            $in->number('flow_lpm', Range::positive()),
        );
        $in->finish();

        return $part;
    }
}
