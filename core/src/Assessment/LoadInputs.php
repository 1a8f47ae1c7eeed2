<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\Supply;

/** What goes into the sums of the Load stage: weights with their places, and how full the tanks are. */
final class LoadInputs
{
    /** @var array<string, list<SumInput>> worked out before, as several sums list the same places */
    private array $places = [];

    public function __construct(
        private readonly Workings $workings,
        private readonly FigureSheet $figures,
    ) {
    }

    /** @return list<SumInput> what rests on a limit with the main tanks at that filling: the sums for the whole, each weight with its place for an axle or the nose */
    public function weights(LimitName $name, Filling $filling): array
    {
        $say = $this->workings->say;
        $rig = $this->workings->plan->load->rig;
        if (LimitName::Axle === $name && Filling::TanksEmpty === $filling) {
            return array_map(fn (LimitWorking $limit): SumInput => SumInput::constant(LimitWords::name($limit->name, $this->workings->plan).', tanks empty', $say->kg($limit->emptyKg)), \array_slice($this->workings->limits(), 0, 2));
        }
        if (LimitName::Axle === $name) {
            return array_map(fn (string $id): SumInput => SumInput::figure($this->figures->get($id.(Filling::BrimFull === $filling ? '.full' : '.travel'))), ['load.gross', 'load.nose']);
        }
        if (LimitName::Gross === $name) {
            $ids = $this->workings->full instanceof BoatPayload ? ['load.aboard', 'load.tanks', 'load.drinking'] : ['load.empty', 'load.aboard', 'load.tanks', 'load.drinking'];
            $water = match ($filling) {
                Filling::TanksEmpty => SumInput::constant('Water', $say->kg(0.0)),
                Filling::BrimFull => SumInput::constant('Water, brim full', $say->kg($this->workings->fullL(Supply::Main))),
                Filling::Travelling => SumInput::figure($this->figures->get('load.water')),
            };

            return [...array_map(fn (string $id): SumInput => SumInput::figure($this->figures->get($id)), $ids), $water];
        }
        [$weighed, $at, $lever, $leverM, $leverAt] = match (true) {
            $rig instanceof PlannedRoadRig && LimitName::Front === $name => [$rig->front->weighing, 'front/', 'wheelbase', $rig->wheelbaseM, 'wheelbase_m'],
            $rig instanceof PlannedRoadRig => [$rig->rear->weighing, 'rear/', 'wheelbase', $rig->wheelbaseM, 'wheelbase_m'],
            $rig instanceof PlannedTrailer => [$rig->nose, 'nose_', 'coupling to axle', $rig->couplingToAxleM, 'coupling_to_axle_m'],
            default => throw new \LogicException('Only a vehicle and a trailer have axles.'),
        };

        return [
            SumInput::field(null === $weighed->weighedKg ? 'estimated' : 'weighed', $say->kg($weighed->kg()), '/load/rig/'.$at.(null === $weighed->weighedKg ? 'estimated_kg' : 'weighed_kg')),
            ...$this->places('x_m', $filling),
            SumInput::field($lever, $say->metres($leverM), '/load/rig/'.$leverAt),
        ];
    }

    /** @return list<SumInput> every load and tank with its weight and its place along (x_m) or across (y_m) the rig */
    public function places(string $key, Filling $filling): array
    {
        if (isset($this->places[$key.' '.$filling->name])) {
            return $this->places[$key.' '.$filling->name];
        }
        $say = $this->workings->say;
        $place = static fn (float $xM, float $yM): string => 'x_m' === $key ? 'at '.$say->metres($xM) : $say->across($yM);
        $inputs = [];
        foreach ($this->workings->plan->load->loads as $index => $load) {
            $inputs[] = SumInput::field($load->name, $say->kg($load->kg).' '.$place($load->xM, $load->yM), '/load/loads/'.$index.'/'.$key);
        }
        foreach ($this->workings->tanks as $working) {
            $tank = $working->tank;
            $kg = $tank->emptyKg + $working->volume->fullL() * $filling->of($tank, $this->workings->plan);
            $inputs[] = SumInput::field($tank->name, $say->kg($kg).' '.$place($tank->xM, $tank->yM), $working->pointer().'/'.$key);
        }

        return $this->places[$key.' '.$filling->name] = $inputs;
    }

    /** @return list<SumInput> the fill that all main tanks share, and those of tanks that have one of their own */
    public function fills(): array
    {
        $say = $this->workings->say;
        $fills = [SumInput::field('how full to travel', $say->share($this->workings->plan->load->travelFill), '/load/travel_fill')];
        foreach ($this->workings->tanksOf(Supply::Main) as $working) {
            if (null !== $working->tank->travelFill) {
                $fills[] = SumInput::field($working->tank->name, $say->share($working->tank->travelFill), $working->pointer().'/travel_fill');
            }
        }

        return $fills;
    }
}
