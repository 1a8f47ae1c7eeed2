<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** A network with what was found for it. */
final readonly class SolvedNetwork
{
    public function __construct(
        public LineNetwork $network,
        public Line $line,
        public LineSolution $solution,
    ) {
    }

    /**
     * Whether another network comes to the same: the same outlets are open, and nothing is different where water flows.
     *
     * @param array<int, true>|null $changed how that differs from this one
     */
    public function solves(LineNetwork $other, ?array $changed): bool
    {
        if (null === $changed || [] !== array_intersect_key($changed, $this->solution->shape->live)) {
            return false;
        }
        foreach ($this->network->outlets as $number => [$outlet, $node]) {
            [$now, $at] = $other->outlets[$number] ?? [null, null];
            if ($outlet->id !== $now?->id || $node !== $at || $outlet->open !== $now->open || ($now->open > 0 && $outlet->lpmAt100kpa !== $now->lpmAt100kpa)) {
                return false;
            }
        }

        return \count($this->network->outlets) === \count($other->outlets);
    }
}
