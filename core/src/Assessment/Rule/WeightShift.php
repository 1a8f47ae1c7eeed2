<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Filling;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\FreePlace;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\PlanPatch;

/** Moving the largest tank, or the heaviest load that will do, along the rig so that an axle or the nose carries less. */
final class WeightShift
{
    private const STEP_M = 0.05;

    /** @return list<Fix> that take $overKg off an axle or the nose with the main tanks at that filling, as far as the rig is long enough */
    public static function relieve(LimitName $limit, float $overKg, Filling $filling, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $leverM = match (true) {
            $rig instanceof PlannedRoadRig => $rig->wheelbaseM,
            $rig instanceof PlannedTrailer => $rig->couplingToAxleM,
            default => 0.0,
        };
        // Moving rearward loads the rear axle (and a trailer's axle) and relieves the front axle and the nose.
        $sign = match ($limit) {
            LimitName::Rear, LimitName::Axle => -1.0,
            LimitName::Front, LimitName::Nose => 1.0,
            default => 0.0,
        };
        if (0.0 === $leverM * $sign) {
            return [];
        }
        $loads = array_map(static fn (int $index): ?Fix => self::moveLoad($sign, $overKg * $leverM, $index, $workings), self::loadsByWeight($workings));

        return array_values(array_filter([self::moveTank($sign, $overKg * $leverM, $filling, $workings), ...\array_slice(array_values(array_filter($loads)), 0, 1)]));
    }

    /** The largest tank, as far as is needed or further to where no other tank stands. */
    private static function moveTank(float $sign, float $momentKgM, Filling $filling, Workings $workings): ?Fix
    {
        $largest = $workings->largestFixedTank();
        if (null === $largest) {
            return null;
        }
        $tank = $largest->tank;
        $kg = $tank->emptyKg + $filling->of($tank, $workings->plan) * $largest->volume->fullL();
        if ($kg <= 0) {
            return null;
        }
        $halfLengthM = $tank->lengthMm / 2000;
        $others = FreePlace::others($tank, $workings->plan);
        for ($metres = self::inSteps($momentKgM / $kg);; $metres += self::STEP_M) {
            $toM = round($tank->xM + $sign * $metres, 3);
            if ($toM - $halfLengthM < self::fromM($sign, $workings) || $toM + $halfLengthM > $workings->rigToM()) {
                return null;
            }
            if (FreePlace::isFree($tank->movedTo($toM, $tank->yM), $others)) {
                return self::fix($tank->name, $largest->pointer(), $sign * $metres, $toM, $workings);
            }
        }
    }

    private static function moveLoad(float $sign, float $momentKgM, int $index, Workings $workings): ?Fix
    {
        $load = $workings->plan->load->loads[$index];
        $metres = self::inSteps($momentKgM / $load->kg);
        $toM = round($load->xM + $sign * $metres, 3);

        return $toM < self::fromM($sign, $workings) || $toM > $workings->rigToM() ? null : self::fix($load->name, '/load/loads/'.$index, $sign * $metres, $toM, $workings);
    }

    private static function fix(string $name, string $pointer, float $byM, float $toM, Workings $workings): Fix
    {
        return new Fix(\sprintf('Move %s %s %s', $name, $workings->say->metres(abs($byM)), $byM < 0 ? 'forward' : 'back'), PlanPatch::replace($pointer.'/x_m', $toM));
    }

    private static function inSteps(float $metres): float
    {
        return ceil($metres / self::STEP_M) * self::STEP_M;
    }

    /** How far forward something may go: in a vehicle nothing is stowed ahead of the front seats, which are the foremost load. */
    private static function fromM(float $sign, Workings $workings): float
    {
        $placesM = array_map(static fn (PlannedLoad $load): float => $load->xM, $workings->plan->load->loads);
        $seats = $workings->plan->load->rig instanceof PlannedRoadRig && $sign < 0 && [] !== $placesM;

        return $seats ? max($workings->rigFromM(), min($placesM)) : $workings->rigFromM();
    }

    /** @return list<int> the loads' places in the list, the heaviest first, without the foremost of a vehicle: its seats are where they are */
    private static function loadsByWeight(Workings $workings): array
    {
        $loads = array_filter($workings->plan->load->loads, static fn (PlannedLoad $load): bool => $load->kg > 0);
        if ($workings->plan->load->rig instanceof PlannedRoadRig && [] !== $loads) {
            $foremostM = min(array_map(static fn (PlannedLoad $load): float => $load->xM, $loads));
            $loads = array_filter($loads, static fn (PlannedLoad $load): bool => $load->xM > $foremostM);
        }
        uasort($loads, static fn (PlannedLoad $a, PlannedLoad $b): int => $b->kg <=> $a->kg);

        return array_keys($loads);
    }
}
