<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Plan;

/** A heater that the rig has something to heat with, where its crew stays. */
final class PoweredHeater
{
    /** Also where nobody has said what heats it. */
    public static function isPowered(HeaterFigures $figures, Plan $plan): bool
    {
        return null === $figures->source || $figures->source->isThere($plan->load->rig->kind(), $plan->use->stay);
    }

    /** The same where it is powered or is no heater; else the one of its kind that is and holds most like it, or the same if there is none. */
    public static function insteadOf(StockPart $stock, Plan $plan, PartStock $all): StockPart
    {
        $figures = $stock->figures;
        if (!$figures instanceof HeaterFigures || self::isPowered($figures, $plan)) {
            return $stock;
        }
        $powered = array_filter(
            $all->parts($stock->kind),
            static fn (StockPart $other): bool => $other->figures instanceof HeaterFigures && self::isPowered($other->figures, $plan),
        );
        usort($powered, static fn (StockPart $a, StockPart $b): int => self::unlike($a, $figures) <=> self::unlike($b, $figures));

        return $powered[0] ?? $stock;
    }

    /** @return list<float> whether one wall alone keeps coolant out, then by how many litres, then by how many watts it differs */
    private static function unlike(StockPart $stock, HeaterFigures $wanted): array
    {
        $figures = $stock->figures;
        if (!$figures instanceof HeaterFigures) {
            return [\INF];
        }
        $isSingle = true === $figures->source?->isCoolant() && true !== $figures->doubleWall;

        return [$isSingle ? 1.0 : 0.0, abs($figures->litres - $wanted->litres), abs($figures->watts - $wanted->watts)];
    }
}
