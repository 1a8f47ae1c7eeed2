<?php

declare(strict_types=1);

namespace YardCask\Core\Demand;

/** What one use takes: litres a day on average, and litres between two fills. */
final readonly class UseDemand implements \JsonSerializable
{
    public function __construct(
        public DemandUse $use,
        public float $dailyL,
        public float $stayL,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['name' => $this->use->name, 'daily_l' => $this->dailyL, 'stay_l' => $this->stayL];
    }
}
