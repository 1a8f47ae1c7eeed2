<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drain;

use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\VesselFigures;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Shared\HeldWater;

/** What stays in a pipe or a part below the sills over which its water leaves. */
final class HeldAfterDraining
{
    /**
     * A pipe is straight between its points, and full up to the lower of the sills towards its two ends.
     *
     * @param float $fromM the sill beyond its beginning
     * @param float $toM the sill beyond its end
     *
     * @return float in L
     */
    public static function inPipe(LinePipe $pipe, float $fromM, float $toM): float
    {
        if (DrainSills::isLifted($pipe->from) || DrainSills::isLifted($pipe->to)) {
            return 0.0;
        }
        $heights = $pipe->heightsM();
        $back = [];
        $sillM = $toM;
        foreach (array_reverse($heights, true) as $index => $heightM) {
            $back[$index] = $sillM = max($sillM, $heightM);
        }
        $sillM = $fromM;
        $full = 0.0;
        foreach ($pipe->stretches() as $index => $share) {
            $sillM = max($sillM, $heights[$index]);
            $full += $share * self::below(min($sillM, $back[$index + 1]), $heights[$index], $heights[$index + 1]);
        }

        return $full * $pipe->litres();
    }

    /** In L, whether or not a hand takes it out. */
    public static function inPart(PlannedPart $part, DrainSills $sills): float
    {
        $litres = HeldWater::litres($part);
        if ($litres <= 0 || PartKind::SubmersiblePump === $part->kind) {
            return 0.0;
        }
        if ($part->figures instanceof VesselFigures) {
            // Its air presses the water out.
            return $part->figures->prechargeKpa > 0 ? 0.0 : $litres;
        }
        if (!$part->figures instanceof HeaterFigures) {
            return $litres;
        }
        $standsM = $sills->at(new LineEnd($part, $part->entersAt())) - $part->zM;
        $heightM = HeldWater::heaterHeightM($part);

        return $standsM <= 1e-6 ? 0.0 : $litres * ($heightM > 0 ? min(1.0, $standsM / $heightM) : 1.0);
    }

    /** The share of a straight stretch that lies below a sill. */
    private static function below(float $sillM, float $fromM, float $toM): float
    {
        [$lowM, $highM] = [min($fromM, $toM), max($fromM, $toM)];

        return match (true) {
            $sillM <= $lowM + 1e-9 => 0.0,
            $sillM >= $highM - 1e-9 => 1.0,
            default => ($sillM - $lowM) / ($highM - $lowM),
        };
    }
}
