<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Network\SolvedNetwork;

/** A line solved with what its pumps hold by then. */
final readonly class PumpIteration
{
    /** @param array<string, float> $held in kPa, by the pump's id */
    public function __construct(
        public array $held,
        public SolvedNetwork $solved,
    ) {
    }
}
