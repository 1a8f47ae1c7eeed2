<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\Weighing;

/** How far the estimates of a rig that is not weighed may be out: a fraction of each axle, added up. */
final class EstimateError
{
    /** What an estimate may hide on a limit, in kg; 0 where all is weighed. */
    public static function on(LimitName $limit, Plan $plan): float
    {
        $rig = $plan->load->rig;

        return ($rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->build->estimateError() : 0.0) * self::estimatedKg($limit, $plan);
    }

    /** The estimated part of what rests on a limit, in kg. */
    public static function estimatedKg(LimitName $limit, Plan $plan): float
    {
        $rig = $plan->load->rig;
        if ($rig instanceof PlannedRoadRig) {
            [$front, $rear] = self::estimatedAxles($rig);

            return match ($limit) {
                LimitName::Gross => $rig->isOnlyWholeWeighed() ? 0.0 : $front + $rear,
                LimitName::Front => $front,
                LimitName::Rear => $rear,
                default => 0.0,
            };
        }
        if ($rig instanceof PlannedTrailer) {
            return match ($limit) {
                LimitName::Gross => self::kg($rig->whole),
                LimitName::Nose, LimitName::LeastNose => self::kg($rig->nose),
                LimitName::Axle => $rig->whole->isWeighed() ? self::kg($rig->nose) : max(0.0, $rig->whole->kg() - $rig->nose->kg()),
                default => 0.0,
            };
        }

        return 0.0;
    }

    /**
     * Where the whole was weighed, only its sharing out is estimated: with both estimates out against each other by a
     * fraction e, each axle is out by 2e · front · rear / (front + rear).
     *
     * @return array{float, float} front and rear
     */
    private static function estimatedAxles(PlannedRoadRig $rig): array
    {
        [$front, $rear] = [$rig->frontWeighing(), $rig->rearWeighing()];
        if (!$rig->isOnlyWholeWeighed()) {
            return [self::kg($front), self::kg($rear)];
        }
        [$frontKg, $rearKg] = [max(0.0, $front->estimatedKg), max(0.0, $rear->estimatedKg)];
        $kg = $frontKg + $rearKg > 0 ? 2 * $frontKg * $rearKg / ($frontKg + $rearKg) ** 2 * ($rig->wholeWeighedKg ?? 0.0) : 0.0;

        return [$kg, $kg];
    }

    private static function kg(Weighing $weighing): float
    {
        return $weighing->isWeighed() ? 0.0 : max(0.0, $weighing->estimatedKg);
    }
}
