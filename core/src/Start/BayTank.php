<?php

declare(strict_types=1);

namespace YardCask\Core\Start;

use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TankProposal;

/** A tank made to measure for a bay, with room left for its fittings. */
final class BayTank
{
    /** Over a tank in a bay, for fittings and an elbow. */
    private const OVER_IT_MM = 80.0;
    /** At one end of it, for its overflow and its drain. */
    private const BESIDE_IT_MM = 70.0;
    private const LEAST_MM = 120.0;
    /** Length, width and height of a tank in a bay with something in the way, or for little water: the first that fits and is not a slab. */
    private const SHARES_OF_BAY = [
        [1.0, 1.0, 1.0],
        [1.0, 1.0, 0.85],
        [1.0, 0.6, 1.0],
        [0.7, 1.0, 1.0],
        [1.0, 0.45, 1.0],
        [0.5, 1.0, 1.0],
        [0.5, 0.5, 1.0],
        [1.0, 0.25, 1.0],
        [1.0, 0.25, 0.5],
    ];
    /** A tank is a slab if it is shorter than this share of its width and shorter than half the length that fits. */
    private const SLAB = 1 / 3;

    /** The largest tank that fits a bay with its fittings and is no larger than needed, in litres; null if none fits. */
    public static function filling(PlannedBay $bay, WaterKind $holds, float $litres, string $id, Plan $plan): ?PlannedTank
    {
        $smallest = null;
        foreach (self::SHARES_OF_BAY as [$long, $wide, $high]) {
            $heightMm = ($bay->heightMm - self::OVER_IT_MM) * $high;
            $widthMm = $bay->widthMm * $wide;
            $lengthMm = min($bay->lengthMm - self::BESIDE_IT_MM, $bay->lengthMm * $long);
            if (min($heightMm, $widthMm, $lengthMm) >= self::LEAST_MM) {
                $tank = TankProposal::fixed($id, $holds, $litres, $widthMm, $heightMm, $lengthMm, $plan->units);
                $standing = 0.0 === PlaceInBay::tooLargeMm($tank, $bay) ? PlaceInBay::nearest(PlaceInBay::cornered($tank, $bay, $plan), $bay, $plan) : null;
                if (null !== $standing && $tank->lengthMm >= min(self::SLAB * $tank->widthMm, $lengthMm / 2)) {
                    return $standing;
                }
                if (null !== $standing && (null === $smallest || self::volumeMm3($standing) < self::volumeMm3($smallest))) {
                    $smallest = $standing;
                }
            }
        }

        return $smallest;
    }

    private static function volumeMm3(PlannedTank $tank): float
    {
        return $tank->lengthMm * $tank->widthMm * $tank->heightMm;
    }

    /** Whether a tank in a bay has room beside it for its overflow and its drain; a can needs none. */
    public static function leavesRoom(PlannedTank $tank, PlannedBay $bay): bool
    {
        [$lengthMm, $widthMm] = $tank->body()->sizeMm();

        return TankMounting::Fixed !== $tank->form || max($bay->lengthMm - $lengthMm, $bay->widthMm - $widthMm) >= self::BESIDE_IT_MM;
    }
}
