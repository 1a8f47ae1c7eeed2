<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

/** A stretch of a run that stays full, told along the run from its first point. */
final readonly class Pocket implements \JsonSerializable
{
    public function __construct(
        public float $fromM,
        public float $toM,
        public float $litres,
    ) {
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return ['from_m' => $this->fromM, 'to_m' => $this->toM, 'litres' => $this->litres];
    }
}
