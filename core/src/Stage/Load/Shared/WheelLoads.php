<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;

/**
 * What stands on the wheels of each axle whose tyres' limit is known.
 *
 * The empty rig is taken to be even from side to side. What is aboard at y adds m·y/track to the wheels of its side, on each
 * axle by the share of the mass that this axle carries; on a trailer the axle alone, since the coupling turns.
 */
final class WheelLoads
{
    private const ON_THE_ROAD = [RigState::Travelling, RigState::UsedUp];

    /** @return list<WheelLoad> the worse wheel of each axle, in each state on the road */
    public static function of(Workings $workings): array
    {
        $rig = $workings->plan->load->rig;

        return match (true) {
            $rig instanceof PlannedRoadRig => [
                ...self::onAxle(LimitName::Front, $rig->front->tyreKg, $rig->trackM, static fn (Mass $mass): float => 1 - $mass->xM / $rig->wheelbaseM, $workings),
                ...self::onAxle(LimitName::Rear, $rig->rear->tyreKg, $rig->trackM, static fn (Mass $mass): float => $mass->xM / $rig->wheelbaseM, $workings),
            ],
            $rig instanceof PlannedTrailer => self::onAxle(LimitName::Axle, $rig->tyreKg, $rig->trackM, static fn (Mass $mass): float => 1.0, $workings),
            default => [],
        };
    }

    /**
     * @param \Closure(Mass): float $share of a mass that the axle carries
     *
     * @return list<WheelLoad>
     */
    private static function onAxle(LimitName $axle, ?float $tyreKg, float $trackM, \Closure $share, Workings $workings): array
    {
        $loads = [];
        if (null === $tyreKg) {
            return [];
        }
        foreach (self::ON_THE_ROAD as $state) {
            $masses = $workings->of(LoadWorkings::class)->aboardIn($state);
            $moment = array_sum(array_map(static fn (Mass $mass): float => $mass->kg * $share($mass) * $mass->yM, $masses));
            $whole = array_sum(array_map(static fn (Mass $mass): float => $mass->kg * $mass->yM, $masses));
            $axleKg = $workings->of(LoadWorkings::class)->limit($axle)?->kgIn($state) ?? 0.0;
            $loads[] = new WheelLoad($axle, $moment > 0, $axleKg / 2 + abs($moment) / $trackM, $tyreKg, $state, $whole);
        }

        return $loads;
    }
}
