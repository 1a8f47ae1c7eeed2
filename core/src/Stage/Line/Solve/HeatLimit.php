<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LineGraph;

/**
 * What heats water while it flows cannot warm more than its power allows: all that it supplies comes out cooler then, in proportion.
 * Source: conservation of energy.
 */
final class HeatLimit
{
    /**
     * @param array<string, array{float, float, float}> $mixed by the outlet’s id: its flow in L/min, its °C with heat enough, its share of hot water
     *
     * @return array<string, array{float, float, float}> the same, as warm as the heaters make them
     */
    public static function on(array $mixed, LineGraph $graph, WarmWater $warm): array
    {
        $wanted = [];
        foreach ($mixed as $id => [$lpm, $c]) {
            $heater = self::heater($id, $graph, $warm);
            if (null !== $heater) {
                $wanted[$heater->id] = ($wanted[$heater->id] ?? 0.0) + $lpm * ($c - WarmWater::COLD_C);
            }
        }
        foreach ($mixed as $id => [$lpm, $c, $share]) {
            $heater = self::heater($id, $graph, $warm);
            $figures = $heater?->figures;
            if (null !== $heater && $figures instanceof HeaterFigures && 0.0 === $figures->litres && $wanted[$heater->id] > 0) {
                $given = HeatCalculator::outletC($figures->watts, 0.0, 1.0) / $wanted[$heater->id];
                $mixed[$id] = [$lpm, WarmWater::COLD_C + min(1.0, $given) * ($c - WarmWater::COLD_C), $share];
            }
        }

        return $mixed;
    }

    private static function heater(string $outletId, LineGraph $graph, WarmWater $warm): ?PlannedPart
    {
        $outlet = $graph->plan->line->part($outletId);

        return null === $outlet ? null : $graph->plan->line->part($warm->heaterOf($outlet) ?? '');
    }
}
