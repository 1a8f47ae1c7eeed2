<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Who uses water, for how long between two fills, and for what. */
final readonly class DemandInput
{
    /** @param list<DemandUse> $uses */
    public function __construct(
        /** People, 0 or more. */
        public float $crew,
        /** Days between two fills, more than 0. */
        public float $days,
        /** Carried on top of the need, as a fraction, 0 or more. */
        public float $reserve,
        public array $uses,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $input = new self(
            $in->number('crew', Range::notNegative()),
            $in->number('days', Range::positive()),
            $in->number('reserve', Range::notNegative(), 0.0),
            array_map(DemandUse::read(...), $in->objects('uses', 1000)),
        );
        $in->finish();

        return $input;
    }
}
