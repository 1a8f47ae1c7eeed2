<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Movement;

use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/** What tilts the water in a tank, and by how much: on the road, or at sea. */
enum Tilt: string
{
    case Braking = 'braking';
    case PullingAway = 'pulling_away';
    case Downhill = 'downhill';
    case Uphill = 'uphill';
    case LeanLeft = 'lean_left';
    case LeanRight = 'lean_right';
    case HeelPort = 'heel_port';
    case HeelStarboard = 'heel_starboard';
    case BowDown = 'bow_down';
    case BowUp = 'bow_up';

    public const PITCH_DEG = 8.0;

    /** @return list<self> those that a rig meets */
    public static function of(PlannedRig $rig): array
    {
        return $rig instanceof PlannedBoat
            ? [self::HeelPort, self::HeelStarboard, self::BowDown, self::BowUp]
            : [self::Braking, self::PullingAway, self::Downhill, self::Uphill, self::LeanLeft, self::LeanRight];
    }

    /** @return 0|1 0 where the surface tilts along the rig, 1 across it */
    public function axis(): int
    {
        return match ($this) {
            self::LeanLeft, self::LeanRight, self::HeelPort, self::HeelStarboard => 1,
            default => 0,
        };
    }

    /** How far the surface rises per length forward, or to the left. */
    public function slope(PlannedRig $rig): float
    {
        $most = $this->most($rig);

        return match ($this) {
            self::Braking, self::Downhill, self::LeanLeft => $most,
            self::PullingAway, self::Uphill, self::LeanRight => -$most,
            self::HeelPort, self::BowDown => tan(deg2rad($most)),
            self::HeelStarboard, self::BowUp => -tan(deg2rad($most)),
        };
    }

    /** How hard, how steep or how far: “0.8”, “20”. */
    public function measure(PlannedRig $rig): string
    {
        $most = $this->most($rig);

        return (string) match ($this) {
            self::Downhill, self::Uphill, self::LeanLeft, self::LeanRight => round(100 * $most, 1),
            default => $most,
        };
    }

    /** In g, as a slope, or in degrees. */
    private function most(PlannedRig $rig): float
    {
        $road = $rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->movement() : null;

        return match ($this) {
            self::Braking => $road->brakesG ?? 0.0,
            self::PullingAway => $road->pullsG ?? 0.0,
            self::Downhill, self::Uphill => $road->hill ?? 0.0,
            self::LeanLeft, self::LeanRight => $road->lean ?? 0.0,
            self::HeelPort, self::HeelStarboard => $rig instanceof PlannedBoat ? $rig->heelsDeg() : 0.0,
            self::BowDown, self::BowUp => self::PITCH_DEG,
        };
    }
}
