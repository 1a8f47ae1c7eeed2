<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue\Fitting;

/** Every family of figures that a fitting can have. */
final class FittingFamilies
{
    public const ALL = [
        AdapterFigures::class,
        TankFittingFigures::class,
        HoseFigures::class,
        BandFigures::class,
        TubeClipFigures::class,
        SealantFigures::class,
        SleeveFigures::class,
        CableFigures::class,
        FuseFigures::class,
        FixingFigures::class,
        CoverFigures::class,
        SpareFigures::class,
        ToolFigures::class,
    ];
}
