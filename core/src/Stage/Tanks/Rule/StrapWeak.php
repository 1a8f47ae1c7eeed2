<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Stage\Tanks\Movement\Restraint;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Each strap of a tank pulls more than it holds, as its maker says. */
final class StrapWeak implements Rule
{
    private const NOTHING_KG = 0.05;
    private const MOST_STRAPS = 12.0;

    public function check(Workings $workings): array
    {
        $findings = [];
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
                new SnagText('tanks.strap-weak.title', 'tanks.strap-weak.why', [
                    'tank' => $tank->name,
                    'held' => ($tank->heldBy ?? HeldBy::Straps)->kind(),
                    'way' => $pull->way,
                    'pull' => Amount::kg($pull->kg),
                    'pull_rated' => Amount::kg($tank->strapHoldsKg),
                ]),
                static fn (): array => $enough > self::MOST_STRAPS ? [] : [
                    new Fix(
                        new Phrase('tanks.fix.straps', ['straps' => (int) $enough, 'held' => ($tank->heldBy ?? HeldBy::Straps)->kind(), 'tank' => $tank->name]),
                        PlanPatch::replace($working->pointer().'/straps', $enough),
                    ),
                ],
            );
        }

        return $findings;
    }
}
