<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shift\SideShift;
use YardCask\Core\Stage\Load\Trim\Balance;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** One side's wheels carry much more than the other's, in the worst state. */
final class SideDifference implements RuleWithThresholds
{
    /** A workshop's rule of thumb; beyond it the rig leans and its tyres and brakes work unevenly. */
    public const SHARE_OF_WHOLE = 0.04;

    public static function thresholds(): array
    {
        return ['side_most' => Amount::share(self::SHARE_OF_WHOLE)];
    }

    public function check(Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $balance = new Balance($workings);
        $side = $balance->side();
        if (null === $side || !$rig instanceof PlannedRoadRig) {
            return [];
        }
        [$differenceKg, $moment] = $side;
        $allowedKg = self::SHARE_OF_WHOLE * $workings->of(LoadWorkings::class)->limits()[0]->kgIn($moment->state ?? RigState::UsedUp);
        if (abs($differenceKg) <= $allowedKg) {
            return [];
        }

        return [new Finding(
            LoadFinding::SideDifference,
            [],
            new Measure(abs($differenceKg), $allowedKg, 'kg'),
            new SnagText('load.side-difference.title', 'load.side-difference.why', [
                'side' => $differenceKg < 0 ? 'left' : 'right',
                'more' => Amount::kg(abs($differenceKg)),
                'more_allowed' => Amount::kg($allowedKg),
                'share' => Amount::share(self::SHARE_OF_WHOLE),
                'when' => $moment->phrase($rig->kind()),
            ]),
            static fn (): array => [...WasteFirst::fixes($workings), ...self::proposals($workings, $rig->trackM(), $differenceKg, $balance->sideMiddleKg())],
        )];
    }

    /**
     * @return list<Fix> the largest tank moved across until the sides are even at the worst moment, or the heaviest loads until the worst is the same
     *                   either way
     */
    private static function proposals(Workings $workings, float $trackM, float $differenceKg, float $middleKg): array
    {
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        $tankKg = null === $largest ? 0.0 : $largest->tank->allEmptyKg() + $largest->fullL();

        return SideShift::across($tankKg, $differenceKg * $trackM / 2, $middleKg * $trackM / 2, 3, $workings);
    }
}
