<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The figures of how the load lies: right against left, on a trailer's nose, or in a boat. */
final readonly class BalanceFigures
{
    private function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
    }

    public static function add(Workings $workings, FigureSheet $figures, LoadInputs $inputs): void
    {
        $sheet = new self($workings, $figures, $inputs);
        $payload = $workings->travelling;
        $rig = $workings->plan->load->rig;
        match (true) {
            $payload instanceof RoadPayload && $rig instanceof PlannedRoadRig => $sheet->addSide($payload, $rig),
            $payload instanceof TrailerPayload => $sheet->addNoseShare($payload),
            $payload instanceof BoatPayload && $rig instanceof PlannedBoat => $sheet->addStability($payload, $rig),
            default => null,
        };
    }

    private function addSide(RoadPayload $payload, PlannedRoadRig $rig): void
    {
        $track = SumInput::field('track', $this->workings->say->metres($rig->trackM), '/load/rig/track_m');
        $this->figures->kg('load.side', 'Right less left wheels', $payload->sideDifferenceKg, 'Σ 2 × weight × place across ÷ track', [...$this->inputs->places('y_m', Filling::Travelling), $track], 'Statics: moments about the centreline, of what is listed here.');
    }

    private function addNoseShare(TrailerPayload $payload): void
    {
        $inputs = array_map(fn (string $id): SumInput => SumInput::figure($this->figures->get($id)), ['load.nose.travel', 'load.gross.travel']);
        $this->figures->add('load.nose_share', 'Nose share', $payload->noseShareAt(1), Unit::Fraction, Kind::Share, 'nose ÷ whole', $inputs, 'Statics.');
    }

    private function addStability(BoatPayload $payload, PlannedBoat $rig): void
    {
        $say = $this->workings->say;
        $loaded = $this->figures->kg('load.displacement', 'Displacement, under way', $rig->displacementKg + $payload->load->kgAt(1), 'empty + load aboard', [SumInput::figure($this->figures->get('load.empty')), SumInput::figure($this->figures->get('load.gross.travel'))], 'Archimedes: she displaces what she weighs.');
        $slack = array_map(static fn (TankWorking $working): SumInput => SumInput::field($working->tank->name, $say->mm($working->tank->lengthMm).' × '.$say->mm($working->tank->widthMm), $working->pointer().'/width_mm'), $this->workings->tanksOf(Supply::Main));
        $surface = $this->figures->add('load.free_surface', 'Free surface of the slack tanks', $payload->freeSurfaceM, Unit::Metre, Kind::Length, 'Σ 1000 kg/m³ × length × width³ ÷ 12 ÷ displacement', [...$slack, SumInput::figure($loaded)], 'Initial stability of ships; all main tanks taken as slack.');
        $gm = $this->figures->add('load.gm', 'Metacentric height left', $payload->gmEffectiveM, Unit::Metre, Kind::Length, 'GM − free surface', [SumInput::field('GM', $say->metres($rig->gmM), '/load/rig/gm_m'), SumInput::figure($surface)], 'Initial stability of ships.');
        $this->figures->add('load.heel', 'Heel', $payload->heelDeg ?? 90.0, Unit::Degree, Kind::Angle, 'tan heel = Σ weight × place across ÷ (displacement × GM left)', [...$this->inputs->places('y_m', Filling::Travelling), SumInput::figure($loaded), SumInput::figure($gm)], 'Initial stability of ships, small angles.');
    }
}
