<?php

declare(strict_types=1);

namespace YardCask\Core\Plan;

use YardCask\Core\Input\InputReader;

/** A weight that was read on a weighbridge, or else is estimated, in kg. */
final readonly class Weighing
{
    public function __construct(
        public ?float $weighedKg,
        public float $estimatedKg,
    ) {
    }

    /** Reads PREFIXweighed_kg, which may be missing, and PREFIXestimated_kg. */
    public static function read(InputReader $in, string $prefix = ''): self
    {
        return new self(PlanFields::optionalNumber($in, $prefix.'weighed_kg'), PlanFields::number($in, $prefix.'estimated_kg'));
    }

    /** The weighed figure, or the estimate while there is none. */
    public function kg(): float
    {
        return $this->weighedKg ?? $this->estimatedKg;
    }

    /** @return array<string, float> */
    public function keys(string $prefix = ''): array
    {
        return (null === $this->weighedKg ? [] : [$prefix.'weighed_kg' => $this->weighedKg]) + [$prefix.'estimated_kg' => $this->estimatedKg];
    }
}
