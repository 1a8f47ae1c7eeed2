<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\PlanPatch;

/** Moving the largest tank, or the heaviest load, along the rig so that an axle or the nose carries less. */
final class WeightShift
{
    private const STEP_M = 0.05;

    /** @return list<Fix> that take $overKg off a limit with the main tanks at $fill, as far as the rig is long enough */
    public static function forward(FillLimit $limit, float $overKg, float $fill, Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        $leverM = match (true) {
            $rig instanceof PlannedRoadRig => $rig->wheelbaseM,
            $rig instanceof PlannedTrailer => $rig->couplingToAxleM,
            default => 0.0,
        };
        // Moving rearward loads the rear axle (and a trailer's axle) and relieves the front axle and the nose.
        $sign = match ($limit->name) {
            LimitName::Rear, LimitName::Axle => -1.0,
            LimitName::Front, LimitName::Nose => 1.0,
            default => 0.0,
        };
        if (0.0 === $leverM * $sign) {
            return [];
        }
        $fixes = [];
        // Nothing is stowed ahead of the front seats, which are the foremost load.
        $placesM = array_map(static fn (PlannedLoad $load): float => $load->xM, $workings->plan->load->loads);
        $fromM = [] === $placesM || $sign > 0 ? $workings->rigFromM() : max($workings->rigFromM(), min($placesM));
        foreach (self::movable($workings, $fill) as [$name, $pointer, $kg, $xM, $halfLengthM]) {
            $metres = ceil($overKg * $leverM / $kg / self::STEP_M) * self::STEP_M;
            $toM = round($xM + $sign * $metres, 3);
            if ($toM - $halfLengthM >= $fromM && $toM + $halfLengthM <= $workings->rigToM()) {
                $fixes[] = new Fix(\sprintf('Move %s %s %s', $name, $workings->say->metres($metres), $sign < 0 ? 'forward' : 'back'), PlanPatch::replace($pointer.'/x_m', $toM));
            }
        }

        return $fixes;
    }

    /** @return list<array{string, string, float, float, float}> name, pointer, kg, place and half length of what may be moved */
    private static function movable(Workings $workings, float $fill): array
    {
        $movable = [];
        $largest = $workings->largestFixedTank();
        if (null !== $largest) {
            $tank = $largest->tank;
            $movable[] = [$tank->name, $largest->pointer(), $tank->emptyKg + $fill * $largest->volume->fullL(), $tank->xM, $tank->lengthMm / 2000];
        }
        $loads = $workings->plan->load->loads;
        $order = array_keys($loads);
        usort($order, static fn (int $a, int $b): int => $loads[$b]->kg <=> $loads[$a]->kg);
        foreach (\array_slice($order, 0, 2) as $index) {
            if ($loads[$index]->kg > 0) {
                $movable[] = [$loads[$index]->name, '/load/loads/'.$index, $loads[$index]->kg, $loads[$index]->xM, 0.0];
            }
        }

        return array_values(array_filter($movable, static fn (array $one): bool => $one[2] > 0));
    }
}
