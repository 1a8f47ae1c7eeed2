<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Tanks\HeldBy;
use YardCask\Core\Plan\Tanks\PlannedShape;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;
use YardCask\Core\Words\Phrasebook;

/** Tanks and cans to begin with: a box that gives the litres wanted, and the cans that a person can carry. */
final class TankProposal
{
    /** What one person carries to a tap without harm: 20 kg of water and the can. */
    public const CAN_L = 20.0;
    public const DRINKING_CAN_L = 10.0;

    /** Outlet and overflow as far from floor and lid as a hole and its nut need. */
    private const FITTING_MM = 15.0;
    private const FITTING_IN = 0.625;
    /** Where a hose for the overflow goes into a side, its lower edge is so much lower. */
    private const OVERFLOW_LOWER_MM = 12.5;
    /** Wall of 8 mm polyethylene at 950 kg/m³ over the six faces. */
    private const WALL_KG_PER_M2 = 7.6;
    private const SHORTEST_MM = 100.0;
    private const LEAST_STRAPS = 2.0;
    /** What one strap holds of a tank that is full. A rule of thumb, on the safe side of what is sold. */
    private const KG_A_STRAP = 150.0;

    /** A fixed tank whose length is chosen, in steps of 10 mm or half an inch, so that $usableL can be drawn; at most $maxLengthMm long. */
    public static function fixed(
        string $id,
        WaterKind $holds,
        float $usableL,
        float $widthMm,
        float $heightMm,
        float $maxLengthMm,
        UnitPreferences $units,
    ): PlannedTank {
        $inches = Unit::Inch === $units->length;
        $round = static fn (float $mm): float => $inches ? round($mm / 12.7) * 12.7 : $mm;
        $fittingMm = $inches ? self::FITTING_IN * 25.4 : self::FITTING_MM;
        $stepMm = $inches ? 12.7 : 10.0;
        [$widthMm, $heightMm] = [$round($widthMm), $round($heightMm)];
        $wantedMm = ceil($usableL * 1e6 / ($widthMm * ($heightMm - 2 * $fittingMm - self::OVERFLOW_LOWER_MM)) / $stepMm - 1e-9) * $stepMm;
        $lengthMm = round(min(floor($maxLengthMm / $stepMm) * $stepMm, max(ceil(self::SHORTEST_MM / $stepMm) * $stepMm, $wantedMm)), 3);
        $emptyKg = 2 * ($lengthMm * $widthMm + $lengthMm * $heightMm + $widthMm * $heightMm) / 1e6 * self::WALL_KG_PER_M2;

        return new PlannedTank(
            id: $id,
            name: Phrasebook::english()->fill('tanks.new.tank', ['holds' => $holds->value]),
            form: TankMounting::Fixed,
            shape: PlannedShape::Box,
            holds: $holds,
            count: 1.0,
            lengthMm: $lengthMm,
            widthMm: round($widthMm, 3),
            heightMm: round($heightMm, 3),
            outletHeightMm: round($fittingMm, 3),
            overflowHeightMm: round($heightMm - $fittingMm, 3),
            displacedFraction: 0.0,
            emptyKg: self::roundKg($emptyKg, $units),
            xM: 0.0,
            yM: 0.0,
            zM: 0.0,
            seeThrough: true,
            poured: false,
            heldBy: HeldBy::Straps,
            straps: self::straps($lengthMm * $widthMm * $heightMm / 1e6 + $emptyKg),
        );
    }

    /** A fixed tank filled no higher than a hose for its overflow lets it. */
    public static function belowItsOverflow(PlannedTank $tank): PlannedTank
    {
        return TankMounting::Fixed !== $tank->form
            ? $tank
            : PartFields::changed($tank, ['overflowHeightMm' => max(0.0, $tank->overflowHeightMm - self::OVERFLOW_LOWER_MM)]);
    }

    /** Cans alike of 20 L, or of 10 L for drinking; emptied to their floor, filled to their brim, and poured by hand. */
    public static function cans(string $id, WaterKind $holds, int $count, UnitPreferences $units): PlannedTank
    {
        $drinking = WaterKind::Drinking === $holds;

        return new PlannedTank(
            id: $id,
            name: Phrasebook::english()->fill('tanks.new.cans', ['holds' => $holds->value, 'cans' => $count]),
            form: TankMounting::Can,
            shape: PlannedShape::Box,
            holds: $holds,
            count: (float) $count,
            lengthMm: $drinking ? 250.0 : 350.0,
            widthMm: $drinking ? 160.0 : 175.0,
            heightMm: $drinking ? 250.0 : 330.0,
            outletHeightMm: 0.0,
            overflowHeightMm: $drinking ? 250.0 : 330.0,
            displacedFraction: 0.0,
            emptyKg: self::roundKg($drinking ? 0.7 : 1.2, $units),
            xM: 0.0,
            yM: 0.0,
            zM: 0.0,
            seeThrough: true,
            poured: true,
            heldBy: HeldBy::Straps,
            straps: self::LEAST_STRAPS,
        );
    }

    /** How many straps hold a tank of that weight, full. */
    public static function straps(float $fullKg): float
    {
        return max(self::LEAST_STRAPS, ceil($fullKg / self::KG_A_STRAP));
    }

    private static function roundKg(float $kg, UnitPreferences $units): float
    {
        return round(Quantity::of(round(Quantity::of($kg, Unit::Kilogram)->in($units->mass), 1), $units->mass)->in(Unit::Kilogram), 6);
    }
}
