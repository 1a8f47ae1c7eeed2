<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Heat\HeatCalculator;
use YardCask\Core\Plan\Line\HeaterFigures;

/** What it takes to heat a store, and how long it then stays warm. */
final readonly class StoreHeat
{
    public const BATTERY_V = 12.0;
    /**
     * Through 25 mm of foam, in W/(m²·K), with the pipes that lead off: a rule of thumb, since few makers say it.
     */
    public const LOSS_W_M2K = 1.5;

    private function __construct(
        public HeaterFigures $figures,
        public float $minutes,
        /** From a battery of 12 V. */
        public float $ampHours,
        /** Until it has fallen to what is comfortable on the skin; 0 where it never was warmer or holds nothing. */
        public float $warmHours,
    ) {
    }

    public static function of(HeaterFigures $figures): self
    {
        $riseK = max(0.0, $figures->hotC - WarmWater::COLD_C);
        $kj = $figures->litres * HeatCalculator::KJ_PER_L_K * $riseK;
        $comfortK = WarmWater::COMFORT_C - WarmWater::COLD_C;

        return new self(
            $figures,
            1000 * $kj / $figures->watts / 60,
            1000 * $kj / 3600 / self::BATTERY_V,
            $riseK > $comfortK && $figures->litres > 0 ? self::timeConstantH($figures->litres) * log($riseK / $comfortK) : 0.0,
        );
    }

    /** The surface of a cube that holds as much, in m². */
    public static function surfaceM2(float $litres): float
    {
        return 6 * ($litres / 1000) ** (2 / 3);
    }

    /** In which it falls to 1/e of what it is above the air around it. Source: Newton’s law of cooling. */
    private static function timeConstantH(float $litres): float
    {
        return 1000 * $litres * HeatCalculator::KJ_PER_L_K / (self::LOSS_W_M2K * self::surfaceM2($litres)) / 3600;
    }
}
