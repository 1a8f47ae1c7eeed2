<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\BoatHeights;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigMoment;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** The figures of how the load lies: right against left, on a trailer's nose, or in a boat. */
final readonly class BalanceFigures
{
    private const STABILITY = 'Initial stability of ships.';

    private Balance $balance;
    private LoadWorkings $load;

    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
        $this->balance = new Balance($workings);
        $this->load = $workings->of(LoadWorkings::class);
    }

    public static function add(Workings $workings, FigureSheet $figures, LoadInputs $inputs): void
    {
        $sheet = new self($workings, $figures, $inputs);
        $payload = $sheet->load->payloadIn(RigState::Travelling);
        $rig = $workings->plan->load->rig;
        match (true) {
            $payload instanceof RoadPayload && $rig instanceof PlannedRoadRig => $sheet->addSide($payload, $rig),
            $payload instanceof TrailerPayload => $sheet->addNose($payload),
            $payload instanceof BoatPayload && $rig instanceof PlannedBoat => $sheet->addStability($payload, $rig),
            default => null,
        };
    }

    private function addSide(RoadPayload $payload, PlannedRoadRig $rig): void
    {
        $track = fn (): SumInput => SumInput::field('track', $this->workings->say->metres($rig->trackM()), '/load/rig/axles/0/track_m');
        $formula = 'Σ 2 × weight × place across ÷ track';
        $source = 'Statics: moments about the centreline, of what is listed here.';
        $this->figures->kg('load.side', 'Right less left wheels', $payload->sideDifferenceKg, $formula, fn (): array => [...$this->inputs->places('y_m', RigState::Travelling), $track()], $source);
        $worst = $this->balance->side();
        if (null !== $worst) {
            $this->figures->kg('load.side_worst', 'Right less left wheels, '.$this->when($worst[1]), $worst[0], $formula, fn (): array => [...$this->placesAt($worst[1]), $track()], $source);
        }
        $front = $this->balance->leastFront();
        if (null !== $front) {
            $this->figures->add('load.front_least', 'Front axle’s share of the whole, '.$this->when($front[1]), $front[0], Unit::Fraction, Kind::Share, 'front axle ÷ whole, where it is least on the road', fn (): array => $this->stateInputs($front[1], ['load.front', 'load.gross']), 'Statics.');
        }
    }

    private function addNose(TrailerPayload $payload): void
    {
        $this->figures->add('load.nose_share', 'Nose share', $payload->noseShareAt(1), Unit::Fraction, Kind::Share, 'nose ÷ whole', static fn (): array => array_map(SumInput::figure(...), ['load.nose.travel', 'load.gross.travel']), 'Statics.');
        $least = $this->balance->leastNose();
        if (null !== $least) {
            $this->figures->add('load.nose_least', 'Least nose share, '.$this->when($least[1]), $least[0], Unit::Fraction, Kind::Share, 'nose ÷ whole, where it is least on the road', fn (): array => $this->stateInputs($least[1], ['load.nose', 'load.gross']), 'Statics.');
        }
    }

    private function addStability(BoatPayload $payload, PlannedBoat $rig): void
    {
        $say = $this->workings->say;
        $this->figures->kg('load.displacement', 'Displacement, under way', $rig->displacementKg + $payload->load->kgAt(1), 'empty + load aboard', static fn (): array => array_map(SumInput::figure(...), ['load.empty', 'load.gross.travel']), 'Archimedes: she displaces what she weighs.');
        $this->figures->add('load.free_surface', 'Free surface of the slack tanks', $payload->freeSurfaceM, Unit::Metre, Kind::Length, 'Σ 1000 kg/m³ × length × width³ ÷ 12 ÷ displacement', fn (): array => [
            ...array_map(static fn (TankWorking $working): SumInput => SumInput::field($working->tank->name, $say->mm($working->tank->rowMm()).' × '.$say->mm($working->tank->widthMm), $working->pointer().'/width_mm'), $this->workings->of(TanksWorkings::class)->all()),
            SumInput::figure('load.displacement'),
        ], self::STABILITY.' Fresh tanks are taken as slack, others while something is in them.');
        $gm = static fn (): SumInput => SumInput::field('GM', $say->metres($rig->gmM), '/load/rig/gm_m');
        $formula = 'GM − free surface';
        if (null !== $rig->draughtM) {
            $changeM = BoatHeights::gmChangeM($rig, $this->load, $this->load->contents->in(RigState::Travelling));
            $this->figures->add('load.gm_heights', 'What the heights of all aboard change', $changeM, Unit::Metre, Kind::Length, 'Σ weight × (draught − GM − height) ÷ displacement', static fn (): array => [SumInput::field('draught', $say->metres($rig->draughtM), '/load/rig/draught_m'), $gm(), SumInput::figure('load.displacement')], self::STABILITY.' Upright sides.');
            $formula .= ' + what the heights change';
        }
        $this->figures->add('load.gm', 'Metacentric height left', $payload->gmEffectiveM, Unit::Metre, Kind::Length, $formula, static fn (): array => [$gm(), SumInput::figure('load.free_surface'), ...null === $rig->draughtM ? [] : [SumInput::figure('load.gm_heights')]], self::STABILITY);
        $least = $this->balance->leastGm();
        if (null !== $least) {
            $this->figures->add('load.gm_least', 'Least metacentric height, '.$least[1]->inWords($this->workings->words), $least[0], Unit::Metre, Kind::Length, $formula.', in the state where it is least', static fn (): array => [SumInput::figure('load.gm')], self::STABILITY);
        }
        $heelFormula = 'tan heel = Σ weight × place across ÷ (displacement × GM left)';
        if (null !== $payload->heelDeg) {
            $this->figures->add('load.heel', 'Heel', $payload->heelDeg, Unit::Degree, Kind::Angle, $heelFormula, fn (): array => [...$this->inputs->places('y_m', RigState::Travelling), SumInput::figure('load.displacement'), SumInput::figure('load.gm')], self::STABILITY.' Small angles.');
        }
        $worst = $this->balance->heel();
        if (null !== $worst) {
            $this->figures->add('load.heel_worst', 'Heel, '.$worst[1]->inWords($this->workings->words), $worst[0], Unit::Degree, Kind::Angle, $heelFormula, fn (): array => [...$this->inputs->places('y_m', $worst[1]), SumInput::figure('load.gm')], self::STABILITY.' Small angles.');
        }
    }

    private function when(RigMoment $moment): string
    {
        return $moment->inWords($this->workings->say, $this->workings->words);
    }

    /** @return list<SumInput> */
    private function placesAt(RigMoment $moment): array
    {
        return null === $moment->state ? [SumInput::constant('every weight at its place', $this->when($moment))] : $this->inputs->places('y_m', $moment->state);
    }

    /**
     * @param list<string> $prefixes
     *
     * @return list<SumInput>
     */
    private function stateInputs(RigMoment $moment, array $prefixes): array
    {
        $state = $moment->state;

        return null === $state ? [SumInput::constant('both', $this->when($moment))] : array_map(static fn (string $prefix): SumInput => SumInput::figure($prefix.'.'.LoadFigures::SUFFIXES[$state->value]), $prefixes);
    }
}
