<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Bay\BayFitCalculator;
use YardCask\Core\Bay\BayFitInput;
use YardCask\Core\Bay\Box;
use YardCask\Core\Bay\Clearance;
use YardCask\Core\Bay\FreePlaces;
use YardCask\Core\Bay\TankBody;
use YardCask\Core\Bay\TurnedTank;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;

/** Where a tank can stand in a bay, clear of all that stands there. */
final class PlaceInBay
{
    private const ROOMS_UP_TO_MM = 0.001;

    /**
     * The same tank at the place in the bay that is nearest to where it stands, turned a quarter where it does not fit otherwise; null where it does
     * not fit at all.
     */
    public static function nearest(PlannedTank $tank, PlannedBay $bay, Plan $plan): ?PlannedTank
    {
        return self::unturned($tank, $bay, $plan) ?? self::unturned($tank->turned(), $bay, $plan);
    }

    public static function unturned(PlannedTank $tank, PlannedBay $bay, Plan $plan): ?PlannedTank
    {
        $at = self::freeIn($bay->space($plan->load->rig), $tank, $plan);

        $standing = null === $at ? null : self::standing($tank, $bay, $at);

        return null === $standing || !self::isSayable($standing) ? null : $standing;
    }

    /**
     * @param Box $space in mm of the rig
     *
     * @return array{float, float, float}|null where in the space the low corner of the tank can lie, the nearest to where it lies, in mm of the rig
     */
    public static function freeIn(Box $space, PlannedTank $tank, Plan $plan): ?array
    {
        $body = Box::at([0.0, 0.0, 0.0], $tank->body()->sizeMm());
        $fitted = array_filter($tank->ports, static fn (PlannedPort $port): bool => PortRole::Spare !== $port->role);
        $fittings = array_map(static fn (PlannedPort $port): Box => $port->room($body->sizeMm()), array_values($fitted));
        $places = FreePlaces::of(
            new TurnedTank($body, Clearance::even(0.0), [], $fittings, [...$tank->boxes(), ...$fittings]),
            $space->sizeMm(),
            ...self::obstacles($tank, $space, $plan),
        );
        $at = $places->nearest($tank->body()->moved(self::back($space))->low);

        return null === $at ? null : [$at[0] + $space->low[0], $at[1] + $space->low[1], $at[2] + $space->low[2]];
    }

    /** The same tank in the bay's low corner, whether it fits there or not. */
    public static function cornered(PlannedTank $tank, PlannedBay $bay, Plan $plan): PlannedTank
    {
        return self::standing($tank, $bay, $bay->space($plan->load->rig)->low);
    }

    /**
     * How far one wall of the bay would have to stand further out, in mm, so that the tank fits in upright, turned or not; null when that of none is
     * enough.
     */
    public static function shortMm(PlannedTank $tank, PlannedBay $bay, Plan $plan): ?float
    {
        $space = $bay->space($plan->load->rig);
        $body = Box::at([0.0, 0.0, 0.0], $tank->body()->sizeMm());

        return BayFitCalculator::calculate(
            new BayFitInput($space->sizeMm(), self::obstacles($tank, $space, $plan), new TankBody($body, true, Clearance::even(0.0), $tank->boxes())),
        )->shortMm;
    }

    /** By how many mm one tank is too large for a bay's opening, however it is turned. */
    public static function tooLargeMm(PlannedTank $tank, PlannedBay $bay): float
    {
        return self::tooLargeForMm($tank, $bay->openingMm());
    }

    /** @param array{float, float} $opening its two sizes, in mm */
    public static function tooLargeForMm(PlannedTank $tank, array $opening): float
    {
        // It is folded.
        if (TankMounting::Bag === $tank->form) {
            return 0.0;
        }
        // Of the three faces of a box the smallest goes through first: its short side along the opening's short side.
        $sides = [$tank->lengthMm, $tank->widthMm, $tank->heightMm];
        sort($sides);
        sort($opening);

        return max(0.0, $sides[0] - $opening[0], $sides[1] - $opening[1]);
    }

    /** Whether a tank stands in the bay's space. */
    public static function isWithin(PlannedTank $tank, PlannedBay $bay, Plan $plan): bool
    {
        $out = $tank->body()->beyond($bay->space($plan->load->rig));

        return max(...$out->low, ...$out->high) <= self::ROOMS_UP_TO_MM;
    }

    /** Whether a plan can hold that a tank stands there: a bay may lie further out than any tank. */
    public static function isSayable(PlannedTank $tank): bool
    {
        foreach (['x_m' => $tank->xM, 'y_m' => $tank->yM, 'z_m' => $tank->zM] as $key => $atM) {
            if (!PartFields::holds(PlannedTank::class, $key, $atM)) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Box> from the bay's corner */
    private static function obstacles(PlannedTank $tank, Box $space, Plan $plan): array
    {
        $back = self::back($space);
        $boxes = array_map(static fn (Box $box): Box => $box->moved($back), Obstacles::to($tank, $plan));
        $bay = Box::at([0.0, 0.0, 0.0], $space->sizeMm());

        return array_values(array_filter($boxes, static fn (Box $box): bool => $box->overlapMm($bay) > 0));
    }

    /** @return array{float, float, float} the way from the bay's corner to the rig's origin */
    private static function back(Box $space): array
    {
        return [-$space->low[0], -$space->low[1], -$space->low[2]];
    }

    /** @param array{float, float, float} $low its low corner, in mm of the rig */
    private static function standing(PlannedTank $tank, PlannedBay $bay, array $low): PlannedTank
    {
        return PartFields::changed($tank, [
            'bay' => $bay->id,
            'xM' => round(($low[0] + $tank->rowMm() / 2) / 1000, 4),
            'yM' => round(($low[1] + $tank->widthMm / 2) / 1000, 4),
            'zM' => round($low[2] / 1000, 4),
        ]);
    }
}
