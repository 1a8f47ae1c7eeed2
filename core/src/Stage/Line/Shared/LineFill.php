<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Stage\Line\Mode\LineMode;

/** One way in which the line fills a tank. */
final readonly class LineFill
{
    public function __construct(
        /** On mains, with the pump from a bucket, or from another tank. */
        public LineMode $mode,
        /** With new filters, a rested battery and mains at its highest pressure, in L/min. */
        public float $lpm,
        /** The same with filters at the end of their lives. */
        public float $wornLpm,
        /** What stands at the tank’s inlet once nothing can run in any more, in kPa. */
        public float $restKpa,
    ) {
    }

    /** With new filters. */
    public function minutes(float $litres): float
    {
        return $litres / $this->lpm;
    }

    /** With filters at the end of their lives; an hour a litre where nothing to speak of comes through. */
    public function minutesWorn(float $litres): float
    {
        return $litres / max(1 / 60, $this->wornLpm);
    }

    /** Whether one reads the difference. */
    public function isSlowedByWear(): bool
    {
        return $this->lpm - $this->wornLpm >= 0.1;
    }

    /** Whether mains pushes, which nobody stops by ear. */
    public function isMains(): bool
    {
        return LineMode::MainsFill === $this->mode;
    }
}
