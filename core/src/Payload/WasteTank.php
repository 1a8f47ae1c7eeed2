<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** A tank that takes a share of what is used; what is beyond its capacity leaves the rig. */
final readonly class WasteTank
{
    public function __construct(
        public string $name,
        public float $capacityL,
        public float $emptyKg,
        public float $xM,
        public float $yM,
        /** Of every litre used, from 0 to 1. */
        public float $share,
        public float $startL = 0.0,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $tank = new self(
            name: $in->text('name', 200),
            capacityL: $in->number('capacity_l', Range::notNegative()),
            emptyKg: $in->number('empty_kg', Range::notNegative()),
            xM: $in->number('x_m', Range::any()),
            yM: $in->number('y_m', Range::any()),
            share: $in->number('share', Range::between(0, 1)),
            startL: $in->number('start_l', Range::notNegative(), 0.0),
        );
        if (!$in->failed() && $tank->startL > $tank->capacityL) {
            $in->fail('start_l', \sprintf('More is in it (%s L) than it holds (%s L).', $tank->startL, $tank->capacityL));
        }
        $in->finish();

        return $tank;
    }

    public function litresAfter(float $usedL): float
    {
        return min($this->capacityL, $this->startL + $this->share * $usedL);
    }

    /** The litres used by which it is full; null when it never is. */
    public function fullAtUsedL(): ?float
    {
        $roomL = $this->capacityL - $this->startL;

        return $roomL <= 0 ? 0.0 : ($this->share > 0 ? $roomL / $this->share : null);
    }
}
