<?php

declare(strict_types=1);

namespace YardCask\Core\Plan\Line;

/** Every family of figures that a part of a line can have. */
final class PartFamilies
{
    public const ALL = [
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
