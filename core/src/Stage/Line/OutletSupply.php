<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Shared\TapReach;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** The tanks that an outlet draws on, and what they give it. */
final readonly class OutletSupply
{
    /** @param list<TankWorking> $tanks */
    private function __construct(public array $tanks)
    {
    }

    public static function of(PlannedPart $outlet, Workings $workings): self
    {
        $reach = $workings->of(TapReach::class);

        return new self(array_values(array_filter(
            $workings->of(TanksWorkings::class)->all(),
            static fn (TankWorking $working): bool => \in_array($outlet->id, $reach->outletsOf($working->tank), true),
        )));
    }

    public function litres(): float
    {
        return array_sum(array_map(static fn (TankWorking $working): float => $working->usableL(), $this->tanks));
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn (TankWorking $working): string => $working->tank->name, $this->tanks);
    }
}
