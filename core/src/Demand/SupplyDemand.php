<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

/** What all uses of one supply take together, in litres. */
final readonly class SupplyDemand implements \JsonSerializable
{
    public function __construct(
        public float $dailyL = 0.0,
        /** Between two fills, without the reserve. */
        public float $stayL = 0.0,
        /** The part of the stay that does not grow with its days. */
        public float $fixedL = 0.0,
        /** With the reserve. */
        public float $carryL = 0.0,
        public float $lowL = 0.0,
        public float $highL = 0.0,
    ) {
    }

    public function plus(UseDemand $demand, float $reserve): self
    {
        $use = $demand->use;

        return new self(
            $this->dailyL + $demand->dailyL,
            $this->stayL + $demand->stayL,
            $this->fixedL + (Per::Stay === $use->per ? $demand->stayL : 0.0),
            $this->carryL + $demand->stayL * (1 + $reserve),
            $this->lowL + $demand->stayL * (1 - $use->spread) * (1 + $reserve),
            $this->highL + $demand->stayL * (1 + $use->spread) * (1 + $reserve),
        );
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['daily_l' => $this->dailyL, 'stay_l' => $this->stayL, 'carry_l' => $this->carryL, 'low_l' => $this->lowL, 'high_l' => $this->highL];
    }
}
