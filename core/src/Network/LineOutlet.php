<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tap or a shower: q = open · k · √(p/100), none below zero pressure. */
final readonly class LineOutlet
{
    public function __construct(
        public string $id,
        public string $node,
        public float $lpmAt100kpa,
        /** From 0 to 1. */
        public float $open = 1.0,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $outlet = new self(
            $in->text('id', LinkEnds::LONGEST_ID),
            $in->text('node', LinkEnds::LONGEST_ID),
            $in->number('lpm_at_100kpa', Range::positive()),
            $in->number('open', Range::between(0, 1), 1.0),
        );
        $in->finish();

        return $outlet;
    }

    /**
     * What it takes to push a flow out of it.
     *
     * @param float $lpm not negative; it has to be open
     *
     * @return array{float, float} kPa, and kPa per L/min
     */
    public function loss(float $lpm): array
    {
        $part = $lpm / ($this->open * $this->lpmAt100kpa);

        return [100 * $part ** 2, 200 * $part / ($this->open * $this->lpmAt100kpa)];
    }
}
