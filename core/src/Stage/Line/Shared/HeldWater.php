<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\VesselFigures;

/**
 * How much water stands in a part of the line.
 *
 * A heater by its figures. The others are rules of thumb, since no data sheet says it: a filter’s bowl holds what its cartridge leaves free,
 * and that grows with what the cartridge lasts; a vessel is half full between the starts of its pump.
 */
final class HeldWater
{
    private const PUMP_L = 0.1;
    private const EXCHANGER_L = 0.3;
    private const SMALL_BOWL_L = 0.35;
    private const BOWL_L = 0.8;
    /** A cartridge of ten inches lasts at least so long. */
    private const LARGE_CARTRIDGE_L = 6000.0;
    private const STRAINER_L = 0.05;
    private const VESSEL_SHARE = 0.5;

    /** In L, while the line is in use; 0 for what holds no more than a length of pipe. */
    public static function litres(PlannedPart $part): float
    {
        $figures = $part->figures;

        return match (true) {
            // It stands empty on the road.
            PartKind::Kettle === $part->kind => 0.0,
            $figures instanceof HeaterFigures => max($figures->litres, self::EXCHANGER_L),
            $figures instanceof FilterFigures => $figures->lifeL < self::LARGE_CARTRIDGE_L ? self::SMALL_BOWL_L : self::BOWL_L,
            $figures instanceof VesselFigures => self::VESSEL_SHARE * $figures->volumeL,
            PartKind::Strainer === $part->kind => self::STRAINER_L,
            $part->kind->isPump() => self::PUMP_L,
            default => 0.0,
        };
    }

    /** Of a heater from its cold port at the bottom to its hot one at the top: that of a cube that holds as much. In m; 0 for any other part. */
    public static function heaterHeightM(PlannedPart $part): float
    {
        return $part->figures instanceof HeaterFigures ? ($part->figures->litres / 1000) ** (1 / 3) : 0.0;
    }
}
