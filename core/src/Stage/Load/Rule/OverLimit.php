<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Fill\TravelFill;
use YardCask\Core\Stage\Load\LoadFinding;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WasteFirst;
use YardCask\Core\Stage\Load\Shift\WeightShift;
use YardCask\Core\Stage\Tanks\Shared\OtherTanks;
use YardCask\Core\Stage\Tanks\Shared\TankLength;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A limit is broken somewhere between setting off and used up, or would be from brim full on. */
final class OverLimit implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(LoadWorkings::class)->limits() as $limit) {
            if ($limit->onTheRoad->isBroken()) {
                $findings[] = self::onTheRoad($limit, $workings);
            } elseif ($limit->fromBrimFull->isBroken()) {
                $findings[] = self::fromBrimFull($limit, $workings);
            }
        }

        return $findings;
    }

    private static function onTheRoad(LimitWorking $limit, Workings $workings): Finding
    {
        $rig = $workings->plan->load->rig;
        $overKg = -$limit->onTheRoad->kg;
        $kg = $limit->limitKg + $overKg;
        $moment = $limit->onTheRoad->moment;
        $waterKg = $kg - $limit->fill->emptyKg;
        $why = match (true) {
            WasteFirst::cures($limit, $workings) => 'load.over.why.waste',
            $limit->isOverBeforeWater() => 'load.over.why.dry',
            $waterKg > 0 => 'load.over.why',
            default => 'load.over.why.used',
        };

        return new Finding(
            LoadFinding::over($limit->name),
            [],
            new Measure($kg, $limit->limitKg, 'kg'),
            new SnagText('load.over.title', $why, [
                'carrier' => LimitWords::carrier($limit->name, $workings->rigWords),
                'over' => Amount::kg($overKg),
                'kg' => Amount::kg($kg),
                'kg_limit' => Amount::kg($limit->limitKg),
                'water' => Amount::kg($waterKg),
                'when' => $moment->phrase($rig->kind()),
                'whose' => RigLimit::of($limit->name, $rig)->whose,
            ]),
            static fn (): array => [
                ...WasteFirst::fixes($workings),
                ...TravelFill::allowed($workings),
                ...WeightShift::relieveWithMargin($limit->name, $overKg, $limit->errorKg, $moment, $workings),
            ],
            LimitWords::plate($limit->name, $workings->plan->load->rig),
        );
    }

    private static function fromBrimFull(LimitWorking $limit, Workings $workings): Finding
    {
        $rig = $workings->plan->load->rig;
        $several = \count($workings->of(TanksWorkings::class)->that(WaterKind::Fresh)) > 1;
        $kg = $limit->limitKg - $limit->fromBrimFull->kg;
        $maxL = $limit->fill->greatestFraction() * $workings->of(TanksWorkings::class)->fullL(WaterKind::Fresh);
        $greatest = $workings->of(GreatestFill::class);
        $allowedL = $greatest->exists ? min($maxL, $greatest->litres) : $maxL;

        return new Finding(
            LoadFinding::overFull($limit->name),
            [],
            new Measure($kg, $limit->limitKg, 'kg'),
            new SnagText(
                $several ? 'load.over-full.title.several' : 'load.over-full.title',
                RigState::BrimFull === $limit->fromBrimFull->moment->state ? 'load.over-full.why' : 'load.over-full.why.later',
                [
                    'rig' => $rig->kind(),
                    'litres' => Amount::litresAtMost($allowedL),
                    'when' => $limit->fromBrimFull->moment->phrase($rig->kind()),
                    'carrier' => LimitWords::carrier($limit->name, $workings->rigWords),
                    'kg' => Amount::kg($kg),
                    'kg_limit' => Amount::kg($limit->limitKg),
                ],
            ),
            static fn (): array => array_values(array_filter([
                ...WeightShift::relieveWithMargin($limit->name, -$limit->fromBrimFull->kg, $limit->errorKg, $limit->fromBrimFull->moment, $workings),
                TankLength::holdingAtMost($allowedL, $workings),
                ...self::smaller($allowedL, $workings),
            ])),
        );
    }

    /** @return list<Fix> a smaller tank from the catalogue in the place of the largest that was bought */
    private static function smaller(float $allowedL, Workings $workings): array
    {
        $tanks = $workings->of(TanksWorkings::class);
        $largest = $tanks->largestFixed();
        $mostL = null === $largest ? 0.0 : $largest->fullL() - ($tanks->fullL(WaterKind::Fresh) - $allowedL);

        return null === $largest || $mostL <= 0 ? [] : OtherTanks::insteadOf($largest, 0.0, $mostL, $workings);
    }
}
