<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Figures\EmptyFigures;
use YardCask\Core\Stage\Load\Figures\FillFigures;
use YardCask\Core\Stage\Load\Figures\LimitFigures;
use YardCask\Core\Stage\Load\Fill\ArrivalSlip;
use YardCask\Core\Stage\Load\Fill\FillSlip;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Load\Trim\BalanceFigures;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\FigureText;

/** The figures of the Load stage, each with its sum. */
final readonly class LoadFigures
{
    private LoadWorkings $load;
    private LoadInputs $inputs;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
        $this->inputs = new LoadInputs($workings);
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures);
        $limits = new LimitFigures($workings, $figures, $sheet->inputs);
        $fills = new FillFigures($workings, $figures, $sheet->inputs);
        (new EmptyFigures($workings, $figures, $sheet->inputs))->add();
        $sheet->addAboard();
        $sheet->addWater();
        array_map($limits->add(...), $sheet->load->limits());
        $fills->addWaterShare();
        $sheet->addTyre();
        $fills->addGreatestFill();
        $fills->addBestSplit();
        BalanceFigures::add($workings, $figures, $sheet->inputs);
        FillSlip::addFigures($workings, $figures);
        ArrivalSlip::addFigures($workings, $figures);
    }

    private function addAboard(): void
    {
        $people = $this->load->people;
        $loadsKg = array_sum(array_map(static fn (PlannedLoad $load): float => $load->kg, $this->workings->plan->load->loads));
        $sum = static fn (string $label, string $source): FigureText => new FigureText($label, 'load.figure.sum.formula', $source);
        $tanksKg = array_sum(array_map(static fn (TankWorking $working): float => $working->tank->allEmptyKg(), $this->tanks()->all()));
        $this->figures->kg('load.people', $sum('load.figure.people.label', 'load.source.crew'), $people->kg(), fn (): array => $this->inputs->people());
        $this->figures->kg(
            'load.aboard',
            $sum('load.figure.aboard.label', 'load.source.entered'),
            $people->kg() + $loadsKg,
            fn (): array => [...$this->inputs->people(), ...$this->inputs->loads()],
        );
        $this->figures->kg('load.tanks', $sum('load.figure.tanks.label', 'load.source.entered'), $tanksKg, fn (): array => $this->inputs->emptyTanks());
    }

    private function addWater(): void
    {
        $wording = $this->workings->wording;
        $with = ['rig' => $this->workings->plan->load->rig->kind()];
        $drinkingL = $this->tanks()->fullL(WaterKind::Drinking);
        $text = new FigureText('load.figure.drinking.label', 'load.figure.water.formula', 'load.source.drinking');
        $this->figures->kg(
            'load.drinking',
            $text,
            $drinkingL,
            static fn (): array => [SumInput::constant($wording->text('load.sum.cans'), $wording->litres($drinkingL))],
        );
        $text = new FigureText('load.figure.water.label', 'load.figure.travel.formula', 'load.source.chosen', $with);
        $this->figures->litres('load.travel', $text, $this->tanks()->travelL(), fn (): array => [SumInput::figure('tanks.full'), ...$this->inputs->fills()]);
        $text = new FigureText('load.figure.water.label', 'load.figure.water.formula', 'load.source.water', $with);
        $this->figures->kg('load.water', $text, $this->tanks()->travelL(), static fn (): array => [SumInput::figure('load.travel')]);
    }

    private function addTyre(): void
    {
        $worst = WheelLoads::worstOver($this->workings);
        if (null === $worst) {
            return;
        }
        $wording = $this->workings->wording;
        $axle = '/load/rig/axles/'.$worst->axleIndex;
        $text = new FigureText('load.figure.tyre-over.label', 'load.figure.tyre-over.formula', 'load.source.moments', [
            'tyre' => $worst->phrase($this->workings->plan->load->rig),
            'state' => $worst->state->phrase($this->workings->plan->load->rig->kind()),
        ]);
        $this->figures->kg('load.tyre_over', $text, $worst->overKg(), fn (): array => [
            SumInput::figure('load.'.$worst->limit->value.'.'.$worst->state->figureSuffix()),
            ...$this->inputs->places('y_m', $worst->state),
            SumInput::constant($wording->text('load.sum.on-tyre'), $wording->kg($worst->kg)),
            SumInput::field($wording->text('load.sum.tyre-limit'), $wording->kg($worst->tyreKg), $axle.'/tyre_kg'),
        ]);
    }

    private function tanks(): TanksWorkings
    {
        return $this->workings->of(TanksWorkings::class);
    }
}
