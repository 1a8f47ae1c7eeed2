<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\WaterKind;

/** How high above the floor a part usually sits, until somebody measures it. */
final class UsualHeight
{
    private const HIGHEST_M = 5.0;

    public static function of(PartKind $kind, Plan $plan): float
    {
        if ($kind->breaksInflow()) {
            return self::topOfTank($plan);
        }
        $floorM = $plan->load->rig->sizes()->floorM;
        $m = match ($kind) {
            PartKind::Shower => 1.5,
            PartKind::Tap, PartKind::SwitchedTap, PartKind::MixerTap => 0.95,
            PartKind::OutsidePoint, PartKind::MainsInlet, PartKind::Washer => 0.35,
            PartKind::WallVent => 1.2,
            PartKind::FootPump, PartKind::DrainValve, PartKind::SubmersiblePump, PartKind::FillInlet => 0.02,
            PartKind::HandPump, PartKind::Kettle => 0.85,
            default => 0.15,
        };

        return round(min(self::HIGHEST_M, $floorM + $m), 3);
    }

    /** At the inlet of the first tank for fresh water. */
    private static function topOfTank(Plan $plan): float
    {
        $tank = $plan->tanksThatHold(WaterKind::Fresh)[0] ?? null;

        return null === $tank ? $plan->load->rig->sizes()->floorM : round(min(self::HIGHEST_M, $tank->zM + $tank->heightMm / 1000), 3);
    }
}
