<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

/** What it takes to push water through a pipe. */
final readonly class PipeLoss implements \JsonSerializable
{
    public function __construct(
        public float $velocityMps,
        public float $reynolds,
        /** Darcy's; null at no flow. */
        public ?float $frictionFactor,
        public float $frictionKpa,
        public float $minorKpa,
        /** Of the rise; negative where the pipe falls. */
        public float $staticKpa,
    ) {
    }

    public function totalKpa(): float
    {
        return $this->frictionKpa + $this->minorKpa + $this->staticKpa;
    }

    /** @return array<string, float|null> */
    public function jsonSerialize(): array
    {
        return [
            'velocity_mps' => $this->velocityMps, 'reynolds' => $this->reynolds, 'friction_factor' => $this->frictionFactor,
            'friction_kpa' => $this->frictionKpa, 'minor_kpa' => $this->minorKpa, 'static_kpa' => $this->staticKpa, 'total_kpa' => $this->totalKpa(),
        ];
    }
}
