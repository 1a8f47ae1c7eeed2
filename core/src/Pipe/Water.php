<?php

declare(strict_types=1);

namespace YardCask\Core\Pipe;

/** What flows: fresh water by its temperature, from 0 to 100 °C. */
final class Water
{
    /** Standard gravity, in m/s². */
    public const GRAVITY = 9.80665;

    /** In kg/m³. Source: a fit to the density of water at one atmosphere. */
    public static function density(float $c): float
    {
        return 1000 * (1 - ($c + 288.9414) / (508929.2 * ($c + 68.12963)) * ($c - 3.9863) ** 2);
    }

    /** Dynamic, in Pa·s. Source: Vogel's equation with the constants of water. */
    public static function viscosity(float $c): float
    {
        return 2.414e-5 * 10 ** (247.8 / ($c + 273.15 - 140));
    }
}
