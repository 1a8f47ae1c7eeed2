<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;

/**
 * A pump’s curve at another voltage: its flow is in proportion, and its pressure as well, or as the square where an impeller makes it.
 * Source: affinity laws.
 */
final class PumpLaw
{
    /** By how much its flows are more at a voltage of a 12 V battery. */
    public static function flows(PumpFigures $figures, float $volts): float
    {
        return null === $figures->volts ? 1.0 : $volts / LineCase::RATED_V;
    }

    /** By how much its pressures are more. */
    public static function pressures(PlannedPart $pump, PumpFigures $figures, float $volts): float
    {
        return self::flows($figures, $volts) ** (PartKind::SubmersiblePump === $pump->kind ? 2 : 1);
    }

    /** What it reaches with nothing flowing, without its switch, on top of what it is fed with. */
    public static function reachesKpa(PlannedPart $pump, PumpFigures $figures, float $volts): float
    {
        return $figures->curve[0]->kpa * self::pressures($pump, $figures, $volts);
    }
}
