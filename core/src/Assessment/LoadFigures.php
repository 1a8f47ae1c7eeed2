<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Plan\Weighing;

/** The figures of the Load stage, each with its sum. */
final readonly class LoadFigures
{
    private const MOMENTS = 'Statics: moments of every weight about the axle.';

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $inputs = new LoadInputs($workings, $figures);
        $sheet = new self($workings, $figures, $inputs);
        $sheet->addMasses();
        foreach ($workings->limits() as $limit) {
            $sheet->addLimit($limit);
        }
        $sheet->addFill();
        $sheet->addBestSplit();
        BalanceFigures::add($workings, $figures, $inputs);
    }

    private function addMasses(): void
    {
        $say = $this->workings->say;
        $plan = $this->workings->plan;
        $rig = $plan->load->rig;
        if ($rig instanceof PlannedRoadRig) {
            $this->figures->kg('load.empty', self::emptyLabel($rig->front->weighing, $rig->rear->weighing), $rig->front->weighing->kg() + $rig->rear->weighing->kg(), 'front + rear', [
                SumInput::field('front axle', $say->kg($rig->front->weighing->kg()), '/load/rig/front/'.(null === $rig->front->weighing->weighedKg ? 'estimated_kg' : 'weighed_kg')),
                SumInput::field('rear axle', $say->kg($rig->rear->weighing->kg()), '/load/rig/rear/'.(null === $rig->rear->weighing->weighedKg ? 'estimated_kg' : 'weighed_kg')),
            ], 'The weighbridge, or an estimate where there is no ticket.');
        } elseif ($rig instanceof PlannedTrailer) {
            $this->figures->kg('load.empty', self::emptyLabel($rig->whole), $rig->whole->kg(), 'as weighed or estimated', [SumInput::field('trailer', $say->kg($rig->whole->kg()), '/load/rig/'.(null === $rig->whole->weighedKg ? 'estimated_kg' : 'weighed_kg'))], 'The weighbridge, or an estimate where there is no ticket.');
        } elseif ($rig instanceof PlannedBoat) {
            $this->figures->kg('load.empty', 'Displacement, empty', $rig->displacementKg, 'as entered', [SumInput::field('displacement', $say->kg($rig->displacementKg), '/load/rig/displacement_kg')], 'The boat’s papers, or her marks.');
        }
        $loadInputs = [];
        foreach ($plan->load->loads as $index => $load) {
            $loadInputs[] = SumInput::field($load->name, $say->kg($load->kg), '/load/loads/'.$index.'/kg');
        }
        $this->figures->kg('load.aboard', 'People and gear', array_sum(array_map(static fn ($load): float => $load->kg, $plan->load->loads)), 'sum', $loadInputs, 'As entered.');
        $tankInputs = array_map(static fn (TankWorking $working): SumInput => SumInput::field($working->tank->name, $say->kg($working->tank->emptyKg), $working->pointer().'/empty_kg'), $this->workings->tanks);
        $this->figures->kg('load.tanks', 'Tanks, empty', array_sum(array_map(static fn (TankWorking $working): float => $working->tank->emptyKg, $this->workings->tanks)), 'sum', $tankInputs, 'As entered.');
        $this->figures->kg('load.drinking', 'Drinking water', $this->workings->fullL(Supply::Drinking), 'litres × 1.000 kg/L', [SumInput::constant('cans, full', $say->litres($this->workings->fullL(Supply::Drinking)))], 'Drinking cans always travel full.');
        $this->figures->litres('load.travel', 'Water '.$this->workings->underway(), $this->workings->travelL(), 'brim full × how full it travels, over all main tanks', [SumInput::figure($this->figures->get('tanks.full')), ...$this->inputs->fills()], 'As chosen here.');
        $this->figures->kg('load.water', 'Water '.$this->workings->underway(), $this->workings->travelL(), 'litres × 1.000 kg/L', [SumInput::figure($this->figures->get('load.travel'))], 'Fresh water weighs one kilogram a litre.');
    }

    private function addLimit(LimitWorking $limit): void
    {
        $say = $this->workings->say;
        $name = LimitWords::name($limit->name, $this->workings->plan);
        $id = 'load.'.$limit->name->value;
        $formula = $this->formula($limit->name);
        $travel = $this->figures->kg($id.'.travel', ucfirst($name).', '.$this->workings->underway(), $limit->kgAt(Filling::Travelling), $formula, $this->inputs->weights($limit->name, Filling::Travelling), self::MOMENTS);
        $full = $this->figures->kg($id.'.full', ucfirst($name).', brim full', $limit->kgAt(Filling::BrimFull), $formula, $this->inputs->weights($limit->name, Filling::BrimFull), self::MOMENTS);
        $allowed = SumInput::field('limit', $say->kg($limit->limitKg), LimitWords::pointer($limit->name, $this->workings->plan));
        $this->figures->kg($id.'.spare', 'Left to the '.$name.', '.$this->workings->underway(), $limit->spareAt(Filling::Travelling), 'limit − '.$this->workings->underway(), [$allowed, SumInput::figure($travel)], 'The plate or papers of the rig.');
        if ($limit->emptyKg > $limit->limitKg) {
            $empty = $this->figures->kg($id.'.empty', ucfirst($name).', tanks empty', $limit->emptyKg, $formula, $this->inputs->weights($limit->name, Filling::TanksEmpty), self::MOMENTS);
            $this->figures->kg($id.'.over_empty', 'Over before any water', $limit->emptyKg - $limit->limitKg, 'tanks empty − limit', [SumInput::figure($empty), $allowed], 'The plate or papers of the rig.');
        }
        $this->figures->kg($id.'.spare_full', 'Left to the '.$name.', brim full', $limit->spareAt(Filling::BrimFull), 'limit − brim full', [$allowed, SumInput::figure($full)], 'The plate or papers of the rig.');
    }

    private static function emptyLabel(Weighing ...$weighings): string
    {
        $weighed = \count(array_filter($weighings, static fn (Weighing $one): bool => null !== $one->weighedKg));

        return 'Empty, '.match ($weighed) {
            \count($weighings) => 'weighed',
            0 => 'estimated',
            default => 'part weighed',
        };
    }

    private function formula(LimitName $name): string
    {
        return match ($name) {
            LimitName::Front => 'weighed + Σ weight × (1 − place ÷ wheelbase)',
            LimitName::Rear => 'weighed + Σ weight × place ÷ wheelbase',
            LimitName::Nose => 'weighed + Σ weight × (1 − place ÷ coupling to axle)',
            LimitName::Axle => 'whole − nose',
            default => 'sum of everything',
        };
    }

    private function addFill(): void
    {
        $say = $this->workings->say;
        $litres = $this->workings->full->maxFill()->litres;
        $limit = $this->workings->fillingLimit();
        $inputs = [SumInput::figure($this->figures->get('tanks.full'))];
        if (null !== $limit) {
            array_push(
                $inputs,
                SumInput::field('limit: '.LimitWords::name($limit->name, $this->workings->plan), $say->kg($limit->limitKg), LimitWords::pointer($limit->name, $this->workings->plan)),
                SumInput::constant('there with empty tanks', $say->kg($limit->emptyKg)),
                SumInput::constant('full tanks add there', $say->kg($limit->waterKgAt(Filling::BrimFull))),
            );
        }
        $formula = null === $limit
            ? 'brim full: no limit is reached'
            : 'brim full × (limit − with empty tanks) ÷ what full tanks add, at the limit that is reached first; nothing where empty tanks are over it';
        $this->figures->litres('load.max_fill', 'Most to travel with', $litres, $formula, $inputs, 'Statics: every load rises in a straight line with the fill.');
    }

    private function addBestSplit(): void
    {
        $split = BestSplit::of($this->workings);
        if (null === $split) {
            return;
        }
        $say = $this->workings->say;
        $inputs = array_map(static fn (TankWorking $working, float $litres): SumInput => SumInput::constant($working->tank->name, $say->litresAtMost($litres)), $split->tanks, $split->litres);
        foreach ($this->workings->limits() as $limit) {
            $inputs[] = SumInput::constant('left to the '.LimitWords::name($limit->name, $this->workings->plan).' with empty tanks', $say->kg($limit->spareAt(Filling::TanksEmpty)));
        }
        $this->figures->litres('load.best_split', 'Most to travel with, each tank for itself', $split->litres(), 'the most that all tanks can hold together with every limit kept, each rounded down', $inputs, 'Linear programming: the simplex method.');
    }
}
