<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shift;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigMoment;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Moving the largest tank, or the heaviest load that will do, along the rig so that an axle or the nose carries less. */
final class WeightShift
{
    private const STEP_M = 0.05;

    /** @return list<Fix> that take $overKg and what an estimate may hide off an axle or the nose, or else half of what it may hide */
    public static function relieveWithMargin(LimitName $limit, float $overKg, float $errorKg, RigMoment $moment, Workings $workings): array
    {
        $fixes = self::relieve($limit, $overKg + $errorKg, $moment, $workings);

        return [] === $fixes && $errorKg > 0 ? self::relieve($limit, $overKg + $errorKg / 2, $moment, $workings) : $fixes;
    }

    /** @return list<Fix> that take $overKg off an axle or the nose at a moment, as far as the rig is long enough */
    public static function relieve(LimitName $limit, float $overKg, RigMoment $moment, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $leverM = match (true) {
            $rig instanceof PlannedRoadRig => $rig->wheelbaseM(),
            $rig instanceof PlannedTrailer => $rig->axle()->xM,
            default => 0.0,
        };
        // Moving rearward loads the rear axle (and a trailer's axle) and relieves the front axle and the nose.
        $sign = match ($limit) {
            LimitName::Rear, LimitName::Axle => -1.0,
            LimitName::Front, LimitName::Nose => 1.0,
            default => 0.0,
        };
        if (0.0 === $leverM * $sign || $overKg <= 0) {
            return [];
        }
        $loads = array_values(
            array_filter(
                array_map(
                    static fn (int $index): ?Fix => self::moveLoad($sign, $overKg * $leverM, $index, $workings),
                    self::loadsByWeight($workings),
                ),
            ),
        );

        return [...self::moveTank($sign, $overKg * $leverM, $moment, $workings), ...\array_slice($loads, 0, 2)];
    }

    /** @return list<Fix> the largest tank, as far as is needed or further to where nothing else stands, in its bay; and from there into another */
    private static function moveTank(float $sign, float $momentKgM, RigMoment $moment, Workings $workings): array
    {
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        if (null === $largest) {
            return [];
        }
        $tank = $largest->tank;
        $litres = $workings->of(LoadWorkings::class)->contents->in($moment->state ?? RigState::UsedUp)[$largest->index];
        $kg = $tank->allEmptyKg() + $litres;
        if ($kg <= 0) {
            return [];
        }
        $elsewhere = null === $workings->plan->bayOf($tank) ? [] : BayFixes::elsewhere($largest, $workings);
        $halfLengthM = $tank->rowMm() / 2000;
        $obstacles = Obstacles::to($tank, $workings->plan);
        for ($metres = self::inSteps($momentKgM / $kg);; $metres += self::STEP_M) {
            $toM = round($tank->xM + $sign * $metres, 3);
            $moved = $tank->movedTo($toM, $tank->yM);
            if ($toM - $halfLengthM < self::fromM($sign, $workings) || !FreePlace::isInside($moved, $workings->plan->load->rig)) {
                return $elsewhere;
            }
            $fix = FreePlace::isFree($moved, $obstacles) ? FreePlace::fix(self::label($tank->name, $sign * $metres), $largest, $moved, $workings->plan) : null;
            if (null !== $fix) {
                return [$fix, ...$elsewhere];
            }
        }
    }

    private static function moveLoad(float $sign, float $momentKgM, int $index, Workings $workings): ?Fix
    {
        $load = $workings->plan->load->loads[$index];
        $rig = $workings->plan->load->rig;
        $metres = self::inSteps($momentKgM / $load->kg);
        $toM = round($load->xM + $sign * $metres, 3);

        return $toM < self::fromM($sign, $workings) || $toM > $rig->bodyFromM() + $rig->sizes()->lengthM
            ? null
            : new Fix(self::label($load->name, $sign * $metres), PlanPatch::replace('/load/loads/'.$index.'/x_m', $toM));
    }

    private static function label(string $name, float $byM): Phrase
    {
        return new Phrase(
            'load.fix.move-along',
            ['what' => $name, 'by' => Amount::metres(abs($byM)), 'way' => $byM < 0 ? 'forward' : 'back'],
        );
    }

    private static function inSteps(float $metres): float
    {
        return ceil($metres / self::STEP_M) * self::STEP_M;
    }

    /** The furthest forward that something may be moved: in a vehicle, not ahead of the front seats. */
    private static function fromM(float $sign, Workings $workings): float
    {
        $rig = $workings->plan->load->rig;
        $seatsM = array_column($workings->plan->load->seats, 'xM');

        return $rig instanceof PlannedRoadRig && $sign < 0 && [] !== $seatsM ? max($rig->bodyFromM(), min($seatsM)) : $rig->bodyFromM();
    }

    /** @return list<int> the loads' places in the list, the heaviest first */
    private static function loadsByWeight(Workings $workings): array
    {
        $loads = array_filter($workings->plan->load->loads, static fn ($load): bool => $load->kg > 0);
        uasort($loads, static fn ($a, $b): int => $b->kg <=> $a->kg);

        return array_keys($loads);
    }
}
