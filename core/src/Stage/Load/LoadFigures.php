<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Stage\Load\Figures\EmptyFigures;
use YardCask\Core\Stage\Load\Figures\FillFigures;
use YardCask\Core\Stage\Load\Figures\LimitFigures;
use YardCask\Core\Stage\Load\Fill\ArrivalSlip;
use YardCask\Core\Stage\Load\Fill\FillSlip;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\WheelLoad;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Load\Trim\BalanceFigures;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** The figures of the Load stage, each with its sum. */
final readonly class LoadFigures
{
    private LoadWorkings $load;
    private LoadTerms $terms;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
        $this->terms = new LoadTerms($workings);
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures);
        $limits = new LimitFigures($workings, $figures, $sheet->terms);
        $fills = new FillFigures($workings, $figures, $sheet->terms);
        (new EmptyFigures($workings, $figures, $sheet->terms))->add();
        $sheet->addAboard();
        (new LineTerms($workings))->addTo($figures);
        $sheet->addWater();
        array_map($limits->add(...), $sheet->load->limits());
        $fills->addWaterShare();
        $sheet->addTyre();
        $fills->addGreatestFill();
        $fills->addBestSplit();
        BalanceFigures::add($workings, $figures, $sheet->terms);
        FillSlip::addFigures($workings, $figures);
        ArrivalSlip::addFigures($workings, $figures);
    }

    private function addAboard(): void
    {
        $people = $this->load->people;
        $loadsKg = array_sum(array_map(static fn (PlannedLoad $load): float => $load->kg, $this->workings->plan->load->loads));
        $tanksKg = array_sum(array_map(static fn (TankWorking $working): float => $working->tank->allEmptyKg(), $this->tanks()->all()));
        $text = new FigureText('load.figure.people.label', 'load.source.crew');
        $this->figures->kg('load.people', $text, $people->kg(), fn (): SumOf => SumOf::sum($this->terms->people()));
        $text = new FigureText('load.figure.aboard.label', 'load.source.entered');
        $this->figures->kg('load.aboard', $text, $people->kg() + $loadsKg, fn (): SumOf => SumOf::sum([...$this->terms->people(), ...$this->terms->loads()]));
        $text = new FigureText('load.figure.tanks.label', 'load.source.entered');
        $this->figures->kg('load.tanks', $text, $tanksKg, fn (): SumOf => $this->terms->emptyTanks());
    }

    private function addWater(): void
    {
        $with = ['rig' => $this->workings->plan->load->rig->kind()];
        $text = new FigureText('load.figure.drinking.label', 'load.source.drinking');
        $cans = array_map(static fn (TankWorking $working): string => 'tanks.'.$working->tank->id.'.full', $this->tanks()->that(WaterKind::Drinking));
        $this->figures->kg('load.drinking', $text, $this->tanks()->fullL(WaterKind::Drinking), fn (): SumOf => $this->terms->weightOf(...$cans));
        $text = new FigureText('load.figure.travel.label', 'load.source.chosen', $with);
        $this->figures->litres('load.travel', $text, $this->tanks()->travelL(), fn (): SumOf => $this->terms->travelling());
        $text = new FigureText('load.figure.water.label', 'load.source.water', $with);
        $this->figures->kg('load.water', $text, $this->tanks()->travelL(), fn (): SumOf => $this->terms->weightOf('load.travel'));
    }

    private function addTyre(): void
    {
        $worst = WheelLoads::worstOver($this->workings);
        if (null === $worst) {
            return;
        }
        $text = new FigureText('load.figure.tyre-over.label', 'load.source.moments', [
            'tyre' => $worst->phrase($this->workings->plan->load->rig),
            'state' => $worst->state->phrase($this->workings->plan->load->rig->kind()),
        ]);
        $this->figures->kg('load.tyre_over', $text, $worst->overKg(), fn (): SumOf => $this->tyre($worst));
    }

    /** Its share of half the axle and of what the weights to its side add, less its limit. */
    private function tyre(WheelLoad $worst): SumOf
    {
        $wording = $this->workings->wording;
        $rig = $this->workings->plan->load->rig;
        $axle = '/load/rig/axles/'.$worst->axleIndex;
        $limit = SumTerm::field('limit', $wording->text('load.sum.tyre-limit'), Amount::kg($worst->tyreKg), $axle.'/tyre_kg');
        $on = SumTerm::figure('axle', 'load.'.$worst->limit->value.'.'.$worst->state->figureSuffix());
        $side = SumTerm::constant('side', $wording->text('load.sum.side-adds'), Amount::kg($worst->sideKg));
        $share = SumTerm::constant('share', $wording->text('load.sum.tyre-share'), Amount::share($worst->share));

        return new SumOf('share * (axle / 2 + side) - limit', [$share, $on, $side, $limit], new Phrase('load.figure.tyre-over.note'));
    }

    private function tanks(): TanksWorkings
    {
        return $this->workings->of(TanksWorkings::class);
    }
}
