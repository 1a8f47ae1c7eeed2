<?php

declare(strict_types=1);

namespace YardCask\Core\Wire;

/**
 * What a copper wire may carry without getting too hot.
 *
 * Single conductors with insulation for 70 °C, in air of 30 °C; of 4 to 6 that lie in one bundle each may carry 0.7 of it.
 * Source: ISO 10133, annex A, for small craft; other rigs are wired by the same tables or stricter ones.
 */
final class Ampacity
{
    /** A, by mm². */
    private const ALONE_A = [
        '0.75' => 10.0, '1' => 14.0, '1.5' => 18.0, '2.5' => 25.0, '4' => 35.0, '6' => 45.0, '10' => 65.0, '16' => 90.0, '25' => 120.0, '35' => 160.0,
        '50' => 210.0,
    ];
    private const BUNDLED = 0.7;

    /** In A, with others in its bundle; 0 for a section that is not in the table. */
    public static function bundledA(float $mm2): float
    {
        return self::BUNDLED * (self::ALONE_A[(string) $mm2] ?? 0.0);
    }
}
