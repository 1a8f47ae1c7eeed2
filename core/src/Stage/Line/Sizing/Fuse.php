<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

/** Blade fuses that can be had, in A. Source: ISO 8820-3. */
final class Fuse
{
    private const SIZES_A = [1, 2, 3, 5, 7.5, 10, 15, 20, 25, 30, 40];
    /** So much more than the pump draws, so that it does not blow when the pump starts. */
    private const MARGIN = 1.25;

    public static function forAmps(float $amps): ?float
    {
        foreach (self::SIZES_A as $size) {
            if ($size >= self::MARGIN * $amps) {
                return (float) $size;
            }
        }

        return null;
    }
}
