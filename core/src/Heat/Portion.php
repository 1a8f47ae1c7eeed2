<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Some water of one temperature. */
final readonly class Portion
{
    public function __construct(
        public float $litres,
        public float $c,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $part = new self(
            $in->number('litres', Range::notNegative()),
            $in->number('c', Range::between(0, 100)),
        );
        $in->finish();

        return $part;
    }
}
