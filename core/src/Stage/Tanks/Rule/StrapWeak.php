<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Restraint;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** Each strap of a tank pulls more than it holds, as its maker says. */
final class StrapWeak implements Rule
{
    private const NOTHING_KG = 0.05;
    private const MOST_STRAPS = 12.0;

    public function check(Workings $workings): array
    {
        $findings = [];
        $say = $workings->say;
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $tank = $working->tank;
            $pull = Restraint::of($working, $workings)?->worstStrap();
            if (null === $pull || null === $tank->strapHoldsKg || $pull->kg <= $tank->strapHoldsKg + self::NOTHING_KG) {
                continue;
            }
            // They share it evenly.
            $enough = ceil(($tank->straps ?? 0.0) * $pull->kg / $tank->strapHoldsKg - 1e-9);
            $findings[] = new Finding(
                TanksFinding::StrapWeak,
                [$tank->id],
                new Measure($pull->kg, $tank->strapHoldsKg, 'kg'),
                \sprintf('The straps of %s are too weak', $tank->name),
                \sprintf('Full it pulls %s: %s on each strap, which holds %s. That is driving, not a crash, which pulls many times as much: have straps and anchorage judged by someone licensed for it.', $pull->way, $say->kg($pull->kg), $say->kg($tank->strapHoldsKg)),
                static fn (): array => $enough > self::MOST_STRAPS ? [] : [new Fix(\sprintf('%d straps on %s', $enough, $tank->name), PlanPatch::replace($working->pointer().'/straps', $enough))],
            );
        }

        return $findings;
    }
}
