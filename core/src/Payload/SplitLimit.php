<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** A limit on splitting water over several tanks: what each full tank adds, and what is left with all of them empty. */
final readonly class SplitLimit
{
    /** @param list<float> $addedKg by tank; negative where a tank relieves this limit */
    public function __construct(
        /** Negative where the line is crossed without water: then water must cure it. */
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
