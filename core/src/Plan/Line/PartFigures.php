<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

use YardCask\Core\Plan\PlanPart;

/** The figures that a part of a line was computed with, of one family each. */
interface PartFigures extends PlanPart
{
    public const FAMILIES = [
        PlainFigures::class,
        PassFigures::class,
        FilterFigures::class,
        PumpFigures::class,
        VesselFigures::class,
        RegulatorFigures::class,
        ReliefFigures::class,
        HeaterFigures::class,
        MixingFigures::class,
        OutletFigures::class,
        InletFigures::class,
    ];
}
