<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Figures;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\Weighing;
use YardCask\Core\Stage\Load\LoadTerms;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Words\FigureText;

/** What the rig weighs with nothing aboard. */
final readonly class EmptyFigures
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadTerms $terms,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    public function add(): void
    {
        $rig = $this->workings->plan->load->rig;
        $base = $this->load->base;
        [$label, $source, $kg, $how] = match (true) {
            $rig instanceof PlannedRoadRig => ['load.figure.empty.label', 'load.source.weighed', $base->firstKg + $base->secondKg, self::ofRoad($rig)],
            $rig instanceof PlannedTrailer => ['load.figure.empty.label', 'load.source.weighed', $base->firstKg, self::howWeighed($rig->whole)],
            $rig instanceof PlannedBoat => ['load.figure.empty-boat.label', 'load.source.boat', $rig->displacementKg, ''],
            default => throw new \LogicException('A rig of class '.$rig::class.' cannot be weighed.'),
        };
        $this->figures->kg('load.empty', new FigureText($label, $source, ['how' => $how]), $kg, fn (): SumOf => $this->terms->empty());
    }

    private static function ofRoad(PlannedRoadRig $rig): string
    {
        return $rig->isOnlyWholeWeighed() ? 'whole' : self::howWeighed($rig->frontWeighing(), $rig->rearWeighing());
    }

    private static function howWeighed(Weighing ...$weighings): string
    {
        $weighed = \count(array_filter($weighings, static fn (Weighing $one): bool => $one->isWeighed()));

        return match ($weighed) {
            \count($weighings) => 'weighed',
            0 => 'estimated',
            default => 'part',
        };
    }
}
