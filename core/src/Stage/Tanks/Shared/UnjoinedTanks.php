<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Line\Shared\TankJoin;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Phrase;

/** Water that is aboard and that nothing draws on, as the cause of a shortage. */
final class UnjoinedTanks
{
    /** @return list<TankWorking> those of a kind */
    public static function of(WaterKind $holds, Workings $workings): array
    {
        return array_values(array_filter($workings->of(TanksWorkings::class)->that($holds), static fn (TankWorking $working): bool => !$working->isDrawn));
    }

    /** @return list<string> the keys of the findings of those tanks, where their water would make up for what is short */
    public static function causing(float $shortL, WaterKind $holds, Workings $workings): array
    {
        $tanks = self::of($holds, $workings);
        $heldL = array_sum(array_map(static fn (TankWorking $working): float => $working->usableL(), $tanks));

        return $heldL < $shortL ? [] : array_map(static fn (TankWorking $working): string => TanksFinding::TankUnjoined->keyOf([$working->tank->id]), $tanks);
    }

    /** @return list<Fix> that make its water count */
    public static function fixes(TankWorking $working, Workings $workings): array
    {
        $tank = $working->tank;
        $pour = new Fix(new Phrase('tanks.fix.pour', ['tank' => $tank->name]), PlanPatch::replace($working->pointer().'/poured', true));

        return [
            ...TankMounting::Fixed === $tank->form ? [] : [$pour],
            ...TankJoin::fixes($tank, array_column($workings->plan->tanks, 'id'), $workings),
        ];
    }

    /** @return list<Fix> those of all of a kind */
    public static function allFixes(WaterKind $holds, Workings $workings): array
    {
        return array_merge([], ...array_map(static fn (TankWorking $working): array => self::fixes($working, $workings), self::of($holds, $workings)));
    }
}
