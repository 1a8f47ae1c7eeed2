<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

/** What stays in a run when it is drained. */
final readonly class Trapped implements \JsonSerializable
{
    /** @param list<Pocket> $pockets in the order of the run */
    public function __construct(
        public float $lengthM,
        public array $pockets,
    ) {
    }

    public function litres(): float
    {
        return array_sum(array_map(static fn (Pocket $pocket): float => $pocket->litres, $this->pockets));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['length_m' => $this->lengthM, 'trapped_l' => $this->litres(), 'pockets' => $this->pockets];
    }
}
