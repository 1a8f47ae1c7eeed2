<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Figures;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\Weighing;
use YardCask\Core\Stage\Load\LoadInputs;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Words\FigureText;

/** What the rig weighs with nothing aboard. */
final readonly class EmptyFigures
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    public function add(): void
    {
        $wording = $this->workings->wording;
        $rig = $this->workings->plan->load->rig;
        $inputs = $this->inputs;
        if ($rig instanceof PlannedRoadRig) {
            $isWhole = $rig->isOnlyWholeWeighed();
            $text = new FigureText('load.figure.empty.label', 'load.figure.empty.formula', 'load.source.weighed', [
                'how' => $isWhole ? 'whole' : self::howWeighed($rig->frontWeighing(), $rig->rearWeighing()),
            ]);
            $this->figures->kg(
                'load.empty',
                $text,
                $this->load->base->firstKg + $this->load->base->secondKg,
                static fn (): array => [...$inputs->weighed(LimitName::Gross), ...$inputs->corrections(0)],
            );
        } elseif ($rig instanceof PlannedTrailer) {
            $text = new FigureText(
                'load.figure.empty.label',
                'load.figure.empty-trailer.formula',
                'load.source.weighed',
                ['how' => self::howWeighed($rig->whole)],
            );
            $trailer = SumInput::field($wording->text('load.sum.trailer'), $wording->kg($rig->whole->kg()), '/load/rig/'.$rig->whole->key());
            $this->figures->kg('load.empty', $text, $this->load->base->firstKg, static fn (): array => [$trailer, ...$inputs->corrections(1)]);
        } elseif ($rig instanceof PlannedBoat) {
            $text = new FigureText('load.figure.empty-boat.label', 'load.figure.as-entered.formula', 'load.source.boat');
            $displacement = SumInput::field($wording->text('load.sum.displacement'), $wording->kg($rig->displacementKg), '/load/rig/displacement_kg');
            $this->figures->kg('load.empty', $text, $rig->displacementKg, static fn (): array => [$displacement]);
        }
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
