<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Plan\Line\HeaterFigures;

/**
 * What heats water while it flows cannot warm more than its power allows: all that it supplies comes out cooler then, in proportion.
 * Source: conservation of energy.
 */
final class HeatLimit
{
    /**
     * @param list<SolvedOutlet> $outlets as warm as with heat enough
     *
     * @return list<SolvedOutlet> as warm as the heaters make them
     */
    public static function on(array $outlets, WarmWater $warm): array
    {
        if (!$warm->flows) {
            return $outlets;
        }
        $wanted = [];
        foreach ($outlets as $one) {
            $id = $warm->heaterOf($one->part)->id ?? '';
            $wanted[$id] = ($wanted[$id] ?? 0.0) + $one->lpm * ($one->c - WarmWater::COLD_C);
        }

        return array_map(static function (SolvedOutlet $one) use ($wanted, $warm): SolvedOutlet {
            $heater = $warm->heaterOf($one->part);
            $figures = $heater?->figures;
            if (null === $heater || !$figures instanceof HeaterFigures || $figures->litres > 0 || $wanted[$heater->id] <= 0) {
                return $one;
            }
            $share = min(1.0, HeatCalculator::outletC($figures->watts, 0.0, 1.0) / $wanted[$heater->id]);

            $c = WarmWater::COLD_C + $share * ($one->c - WarmWater::COLD_C);

            return new SolvedOutlet($one->part, $one->figures, $one->lpm, $one->kpa, $c, $one->hotShare);
        }, $outlets);
    }
}
