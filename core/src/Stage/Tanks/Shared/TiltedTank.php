<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Tanks\Movement\Tilt;
use YardCask\Core\Surge\TiltedSurface;
use YardCask\Core\Surge\VesselBox;
use YardCask\Core\Tank\TankVolumeCalculator;

/** The water of one tank as it travels, tilted. */
final readonly class TiltedTank
{
    private function __construct(
        public Tilt $tilt,
        private PlannedTank $tank,
        private float $slope,
        /** Of the surface at the tank's front, or left, wall, above its floor; it may run on above the lid and below the floor. */
        public float $lowWallMm,
        public float $lengthMm,
    ) {
    }

    /** @return list<self> one for each tilt that its rig meets; none for a bag, which has no free surface, or for an empty tank */
    public static function all(TankWorking $working, Workings $workings): array
    {
        $tank = $working->tank;
        $litres = $workings->plan->travelFillOf($tank) * $working->volume->fullL();
        if (TankMounting::Bag === $tank->form || $litres <= 0) {
            return [];
        }
        // Baffles and loose filling take the same part of every level.
        $stillL = $tank->tankInput()->shape->litresBelow(TankVolumeCalculator::levelMm($tank->tankInput(), $litres));
        $rig = $workings->plan->load->rig;

        return array_map(static fn (Tilt $tilt): self => self::tilted($tilt, $tank, $tilt->slope($rig), $stillL), Tilt::of($rig));
    }

    private static function tilted(Tilt $tilt, PlannedTank $tank, float $slope, float $litres): self
    {
        $along = $tilt->axis();
        $lengthMm = 0 === $along ? $tank->lengthMm : $tank->widthMm;
        // Each box from the end at which the water stands high.
        $boxes = array_map(static fn (Box $box): VesselBox => new VesselBox(
            fromM: ($slope > 0 ? $box->low[$along] : $lengthMm - $box->high[$along]) / 1000,
            toM: ($slope > 0 ? $box->high[$along] : $lengthMm - $box->low[$along]) / 1000,
            widthM: ($box->high[1 - $along] - $box->low[1 - $along]) / 1000,
            floorM: $box->low[2] / 1000,
            topM: $box->high[2] / 1000,
        ), TankCells::of($tank, $along));
        $highMm = 1000 * TiltedSurface::highEndM($boxes, $litres / 1000, abs($slope));

        return new self($tilt, $tank, $slope, $slope > 0 ? $highMm : $highMm - abs($slope) * $lengthMm, $lengthMm);
    }

    public function highWallMm(): float
    {
        return max($this->lowWallMm, $this->farWallMm());
    }

    /** At the tank's rear, or right, wall. */
    public function farWallMm(): float
    {
        return $this->lowWallMm - $this->slope * $this->lengthMm;
    }

    /** How high an open pipe must end at a point so that no water leaves through it, in m of the rig. */
    public function surfaceM(RunPoint $point): float
    {
        $body = $this->tank->body();
        $mm = 0 === $this->tilt->axis() ? 1000 * $point->xM - $body->low[0] : 1000 * $point->yM - $body->low[1];

        return $this->tank->zM + ($this->lowWallMm - $this->slope * $mm) / 1000;
    }
}
