<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Plan\Rig\AxleGroup;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/**
 * What stands on the wheels of each axle whose tyres' limit is known.
 *
 * The empty rig is taken to be even from side to side. What is aboard at y adds m·y/track to the wheels of its side, on each
 * axle by the share of the mass that this axle carries; on a trailer the axles alone, since the coupling turns. Twins share
 * what their side carries.
 */
final class WheelLoads
{
    private const ON_THE_ROAD = [RigState::Travelling, RigState::UsedUp];
    private const SIDES = 2;
    private const NOTHING_KG = 0.05;

    /** @return list<WheelLoad> the worse wheel of each axle, in each state on the road */
    public static function of(Workings $workings): array
    {
        $rig = $workings->plan->load->rig;
        if ($rig instanceof PlannedRoadRig) {
            $wheelbaseM = $rig->wheelbaseM();

            return [
                ...self::onGroup(LimitName::Front, $rig->front(), static fn (Mass $mass): float => 1 - $mass->xM / $wheelbaseM, $workings),
                ...self::onGroup(LimitName::Rear, $rig->rear(), static fn (Mass $mass): float => $mass->xM / $wheelbaseM, $workings),
            ];
        }

        return $rig instanceof PlannedTrailer ? self::onGroup(LimitName::Axle, $rig->axle(), static fn (Mass $mass): float => 1.0, $workings) : [];
    }

    /** The wheel that is most over its tyre's limit on the road; null where none is. */
    public static function worstOver(Workings $workings): ?WheelLoad
    {
        $worst = null;
        foreach (self::of($workings) as $load) {
            if ($load->overKg() > self::NOTHING_KG && (null === $worst || $load->overKg() > $worst->overKg())) {
                $worst = $load;
            }
        }

        return $worst;
    }

    /**
     * @param \Closure(Mass): float $share of a mass that the group carries
     *
     * @return list<WheelLoad>
     */
    private static function onGroup(LimitName $limit, AxleGroup $group, \Closure $share, Workings $workings): array
    {
        $loads = [];
        $load = $workings->of(LoadWorkings::class);
        foreach ($group->axles() as $index => $axle) {
            if (null === $axle->tyreKg) {
                continue;
            }
            foreach (self::ON_THE_ROAD as $state) {
                $masses = $load->aboardIn($state);
                $part = $group->shares[$index];
                $moment = array_sum(array_map(static fn (Mass $mass): float => $mass->kg * $share($mass) * $mass->yM, $masses));
                $whole = array_sum(array_map(static fn (Mass $mass): float => $mass->kg * $mass->yM, $masses));
                $sideKg = $part * (($load->limit($limit)?->kgIn($state) ?? 0.0) / self::SIDES + abs($moment) / $axle->trackM);
                $loads[] = new WheelLoad(
                    axleIndex: $index,
                    limit: $limit,
                    right: $moment > 0,
                    kg: $axle->twins ? $sideKg / 2 : $sideKg,
                    share: $axle->twins ? $part / 2 : $part,
                    sideKg: abs($moment) / $axle->trackM,
                    tyreKg: $axle->tyreKg,
                    state: $state,
                    momentKgM: $whole,
                );
            }
        }

        return $loads;
    }
}
