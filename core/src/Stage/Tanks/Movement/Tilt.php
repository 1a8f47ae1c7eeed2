<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Movement;

use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRig;

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

    /** In g, what goods on a vehicle are secured against forwards. Source: EN 12195-1. */
    public const BRAKING_G = 0.8;
    /** About what a laden van gives in first gear. */
    public const PULLING_G = 0.3;
    /** A steep public road. */
    public const HILL_PERCENT = 20.0;
    /** A pitch on a field, or a road's camber in a bend taken briskly. */
    public const LEAN_PERCENT = 20.0;
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
        $heel = tan(deg2rad($rig instanceof PlannedBoat ? $rig->heelsDeg() : 0.0));

        return match ($this) {
            self::Braking => self::BRAKING_G,
            self::PullingAway => -self::PULLING_G,
            self::Downhill => self::HILL_PERCENT / 100,
            self::Uphill => -self::HILL_PERCENT / 100,
            self::LeanLeft => self::LEAN_PERCENT / 100,
            self::LeanRight => -self::LEAN_PERCENT / 100,
            self::HeelPort => $heel,
            self::HeelStarboard => -$heel,
            self::BowDown => tan(deg2rad(self::PITCH_DEG)),
            self::BowUp => -tan(deg2rad(self::PITCH_DEG)),
        };
    }

    /** How hard, how steep or how far: “0.8”, “20”. */
    public function measure(PlannedRig $rig): string
    {
        return (string) match ($this) {
            self::Braking => self::BRAKING_G,
            self::PullingAway => self::PULLING_G,
            self::Downhill, self::Uphill => self::HILL_PERCENT,
            self::LeanLeft, self::LeanRight => self::LEAN_PERCENT,
            self::HeelPort, self::HeelStarboard => $rig instanceof PlannedBoat ? $rig->heelsDeg() : 0.0,
            self::BowDown, self::BowUp => self::PITCH_DEG,
        };
    }
}
