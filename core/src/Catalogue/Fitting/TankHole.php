<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

/** The room that a hole for a fitting takes on its face. */
final class TankHole
{
    /** A washer is so much wider than its hole, all round. A rule of thumb, in mm. */
    private const RIM_MM = 6.0;
    /** What the hole of a fitting nobody has chosen yet is wider than the bore of its hose. A rule of thumb, in mm. */
    private const WIDER_MM = 10.0;

    /** From the middle of a hole to an edge of its face, at least; in mm. */
    public static function fromTheEdgeMm(float $holeMm): float
    {
        return $holeMm / 2 + self::RIM_MM;
    }

    /** Of the hole for a fitting that nobody has chosen yet; in mm. */
    public static function forBoreMm(float $boreMm): float
    {
        return $boreMm + self::WIDER_MM;
    }
}
