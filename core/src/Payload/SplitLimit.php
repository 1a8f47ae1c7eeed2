<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** One limit in a split of water over several tanks: what it has left with empty tanks, and what each full tank adds to it, in kg. */
final readonly class SplitLimit
{
    /** @param list<float> $addedKg by tank; negative where a tank relieves this limit */
    public function __construct(
        public float $spareKg,
        public array $addedKg,
    ) {
    }

    /** @param list<float> $fractions of each tank, from 0 to 1 */
    public function holds(array $fractions): bool
    {
        return array_sum(array_map(static fn (float $kg, float $fraction): float => $kg * $fraction, $this->addedKg, $fractions)) <= $this->spareKg + 1e-6;
    }
}
