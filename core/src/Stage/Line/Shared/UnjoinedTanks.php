<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** Water that is aboard and that nothing draws on, as the cause of a shortage. */
final class UnjoinedTanks
{
    /** @return list<string> the keys of the findings of those tanks, where their water would make up for what is short */
    public static function causing(float $shortL, WaterKind $holds, Workings $workings): array
    {
        $tanks = array_values(array_filter($workings->of(TanksWorkings::class)->that($holds), static fn (TankWorking $working): bool => !$working->isDrawn));
        $heldL = array_sum(array_map(static fn (TankWorking $working): float => $working->usableL(), $tanks));

        return $heldL < $shortL ? [] : array_map(static fn (TankWorking $working): string => LineFinding::TankUnjoined->keyOf([$working->tank->id]), $tanks);
    }
}
