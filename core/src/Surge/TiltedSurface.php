<?php

declare(strict_types=1);

namespace YardCask\Core\Surge;

/**
 * The level surface of water in a closed vessel of boxes, seen from its high end: a plane that falls evenly along the vessel.
 *
 * Its height at the high end follows from the volume: Σ width · ∫ min(top, max(floor, e − slope·x)) − floor dx over all boxes.
 * Source: hydrostatics of a liquid in uniform acceleration.
 */
final class TiltedSurface
{
    private const NOTHING_M = 1e-11;

    /**
     * @param non-empty-list<VesselBox> $boxes along the vessel from its high end
     * @param float $volumeM3 of the water, from nothing to all that goes in
     * @param float $slope of the surface, above 0
     *
     * @return float the height of the plane at the high end; above the lid where the vessel is nearly full
     */
    public static function highEndM(array $boxes, float $volumeM3, float $slope): float
    {
        $one = 1 === \count($boxes) ? self::clearOfFloorAndLidM($boxes[0], $volumeM3, $slope) : null;
        if (null !== $one) {
            return $one;
        }
        $least = min(array_column($boxes, 'floorM'));
        $most = max(array_column($boxes, 'topM')) + $slope * max(array_column($boxes, 'toM'));
        // Newton's steps, halving wherever one would leave the interval.
        $high = ($least + $most) / 2;
        while ($most - $least > self::NOTHING_M * (1 + $most)) {
            [$volume, $surface] = self::volumeAndSurface($boxes, $high, $slope);
            [$least, $most] = $volume < $volumeM3 ? [$high, $most] : [$least, $high];
            $step = $surface > 0 ? ($volumeM3 - $volume) / $surface : \INF;
            if (abs($step) < self::NOTHING_M) {
                return $high;
            }
            $next = $high + $step;
            $high = $next > $least && $next < $most ? $next : ($least + $most) / 2;
            if ($high <= $least || $high >= $most) {
                break;
            }
        }

        return $most;
    }

    /** In one box whose floor stays wet and whose lid stays dry the surface turns about its middle. */
    private static function clearOfFloorAndLidM(VesselBox $box, float $volumeM3, float $slope): ?float
    {
        $rise = $slope * ($box->toM - $box->fromM);
        $still = $box->floorM + $volumeM3 / (($box->toM - $box->fromM) * $box->widthM);

        return $still - $rise / 2 >= $box->floorM && $still + $rise / 2 <= $box->topM ? $still + $rise / 2 + $slope * $box->fromM : null;
    }

    /**
     * @param non-empty-list<VesselBox> $boxes
     *
     * @return array{float, float} m³ below the plane, and m² of its surface as seen from above, by which they rise with it
     */
    private static function volumeAndSurface(array $boxes, float $highM, float $slope): array
    {
        [$volume, $surface] = [0.0, 0.0];
        foreach ($boxes as $box) {
            $deep = $box->topM - $box->floorM;
            $near = $highM - $slope * $box->fromM - $box->floorM;
            $far = $highM - $slope * $box->toM - $box->floorM;
            $volume += $box->widthM * (self::filledM2($near, $deep) - self::filledM2($far, $deep)) / $slope;
            $surface += $box->widthM * (min(max($near, 0.0), $deep) - min(max($far, 0.0), $deep)) / $slope;
        }

        return [$volume, $surface];
    }

    /** ∫ min(h, max(0, s)) ds from 0 to $to. */
    private static function filledM2(float $to, float $heightM): float
    {
        return match (true) {
            $to <= 0 => 0.0,
            $to <= $heightM => $to ** 2 / 2,
            default => $heightM ** 2 / 2 + $heightM * ($to - $heightM),
        };
    }
}
