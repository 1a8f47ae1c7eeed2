<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Plan\TankForm;

/** Tanks and cans to begin with: a box that gives the litres wanted, and the cans that a person can carry. */
final class TankProposal
{
    /** What one person carries to a tap without harm: 20 kg of water and the can. */
    public const CAN_L = 20.0;
    public const DRINKING_CAN_L = 10.0;

    /** Outlet and overflow as far from floor and lid as a hole and its nut need. */
    private const FITTING_MM = 15.0;
    /** Wall of 8 mm polyethylene at 950 kg/m³ over the six faces. */
    private const WALL_KG_PER_M2 = 7.6;

    /** A fixed tank whose length is chosen, in steps of 10 mm, so that $usableL can be drawn; at most $maxLengthMm long. */
    public static function fixed(string $id, float $usableL, float $widthMm, float $heightMm, float $maxLengthMm, float $xM, float $yM, float $zM): PlannedTank
    {
        $lengthMm = min($maxLengthMm, max(100.0, ceil($usableL * 1e6 / ($widthMm * ($heightMm - 2 * self::FITTING_MM)) / 10) * 10));

        return new PlannedTank(
            $id,
            'Tank',
            TankForm::Fixed,
            Supply::Main,
            $lengthMm,
            $widthMm,
            $heightMm,
            self::FITTING_MM,
            $heightMm - self::FITTING_MM,
            0.0,
            round(2 * ($lengthMm * $widthMm + $lengthMm * $heightMm + $widthMm * $heightMm) / 1e6 * self::WALL_KG_PER_M2, 1),
            $xM,
            $yM,
            $zM,
        );
    }

    /** A can of 20 L, or of 10 L for drinking; emptied to its floor, filled to its brim. */
    public static function can(string $id, Supply $supply, float $xM, float $yM, float $zM): PlannedTank
    {
        $drinking = Supply::Drinking === $supply;

        return new PlannedTank(
            $id,
            $drinking ? 'Drinking can' : 'Can',
            TankForm::Can,
            $supply,
            $drinking ? 250.0 : 350.0,
            $drinking ? 160.0 : 175.0,
            $drinking ? 250.0 : 330.0,
            0.0,
            $drinking ? 250.0 : 330.0,
            0.0,
            $drinking ? 0.7 : 1.2,
            $xM,
            $yM,
            $zM,
        );
    }
}
