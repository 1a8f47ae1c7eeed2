<?php

declare(strict_types=1);

namespace YardCask\Core\Network;

/** Heads and flows of the live part of a network, for given states of its regulators. */
final readonly class LineSolution
{
    /**
     * @param array<int, float> $heads by node, of those that are live or have a source
     * @param array<int, float> $flows by link, of those that are live
     * @param array<int, float> $outletFlows by outlet
     */
    public function __construct(
        public array $heads,
        public array $flows,
        public array $outletFlows,
        public bool $converged,
        public int $iterations,
        public LineShape $shape,
    ) {
    }
}
