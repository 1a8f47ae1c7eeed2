<?php

declare(strict_types=1);

namespace YardCask\Core\Heat;

/**
 * How long a grown person’s skin stands water before it burns through.
 *
 * Between the temperatures that were tried the logarithm of the time is straight. Children and old people burn sooner.
 * Source: Moritz and Henriques, Studies of thermal injury II, American Journal of Pathology 23 (1947), 695–720.
 */
final class SkinBurn
{
    /** °C, and seconds. */
    private const TRIED = [
        [44.0, 21600.0], [45.0, 10800.0], [47.0, 2700.0], [49.0, 570.0], [51.0, 240.0], [53.0, 60.0], [55.0, 30.0], [60.0, 5.0], [65.0, 1.0],
    ];

    /** @return float|null seconds; null below 44 °C, which skin stands for hours */
    public static function seconds(float $c): ?float
    {
        $cooler = null;
        foreach (self::TRIED as $tried) {
            if ($c <= $tried[0]) {
                return null === $cooler ? ($c < $tried[0] ? null : $tried[1]) : self::between($c, $cooler, $tried);
            }
            $cooler = $tried;
        }

        return $cooler[1];
    }

    /**
     * @param array{float, float} $cooler
     * @param array{float, float} $hotter
     */
    private static function between(float $c, array $cooler, array $hotter): float
    {
        $share = ($c - $cooler[0]) / ($hotter[0] - $cooler[0]);

        return $cooler[1] ** (1 - $share) * $hotter[1] ** $share;
    }
}
