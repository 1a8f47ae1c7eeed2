<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\RoadPayload;
use YardCask\Core\Payload\TrailerPayload;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Plan\Weighing;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;

/** The figures of the Load stage, each with its sum. */
final class LoadFigures
{
    private const MOMENTS = 'Statics: moments of every weight about the axle.';

    /** @var array<string, list<SumInput>> worked out before, as several sums list the same places */
    private array $places = [];

    private function __construct(
        private readonly Workings $workings,
        private readonly FigureSheet $figures,
    ) {
    }

    public static function add(Workings $workings, FigureSheet $figures): void
    {
        $sheet = new self($workings, $figures);
        $sheet->addMasses();
        foreach ($workings->limits() as $limit) {
            $sheet->addLimit($limit);
        }
        $sheet->addFill();
        $sheet->addBestSplit();
        $sheet->addBalance();
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
        $this->figures->litres('load.travel', 'Water '.$this->workings->underway(), $this->workings->travelL(), 'brim full × how full it travels, over all main tanks', [SumInput::figure($this->figures->get('tanks.full')), ...$this->fills()], 'As chosen here.');
        $this->figures->kg('load.water', 'Water '.$this->workings->underway(), $this->workings->travelL(), 'litres × 1.000 kg/L', [SumInput::figure($this->figures->get('load.travel'))], 'Fresh water weighs one kilogram a litre.');
    }

    private function addLimit(LimitWorking $limit): void
    {
        $say = $this->workings->say;
        $name = LimitWords::name($limit->name, $this->workings->plan);
        $id = 'load.'.$limit->name->value;
        $formula = $this->formula($limit->name);
        $travel = $this->figures->kg($id.'.travel', ucfirst($name).', '.$this->workings->underway(), $limit->kgAt(Filling::Travelling), $formula, $this->weights($limit->name, Filling::Travelling), self::MOMENTS);
        $full = $this->figures->kg($id.'.full', ucfirst($name).', brim full', $limit->kgAt(Filling::BrimFull), $formula, $this->weights($limit->name, Filling::BrimFull), self::MOMENTS);
        $allowed = SumInput::field('limit', $say->kg($limit->limitKg), LimitWords::pointer($limit->name, $this->workings->plan));
        $this->figures->kg($id.'.spare', 'Left to the '.$name.', '.$this->workings->underway(), $limit->spareAt(Filling::Travelling), 'limit − '.$this->workings->underway(), [$allowed, SumInput::figure($travel)], 'The plate or papers of the rig.');
        if ($limit->emptyKg > $limit->limitKg) {
            $empty = $this->figures->kg($id.'.empty', ucfirst($name).', tanks empty', $limit->emptyKg, $formula, $this->weights($limit->name, Filling::TanksEmpty), self::MOMENTS);
            $this->figures->kg($id.'.over_empty', 'Over before any water', $limit->emptyKg - $limit->limitKg, 'tanks empty − limit', [SumInput::figure($empty), $allowed], 'The plate or papers of the rig.');
        }
        $this->figures->kg($id.'.spare_full', 'Left to the '.$name.', brim full', $limit->spareAt(Filling::BrimFull), 'limit − brim full', [$allowed, SumInput::figure($full)], 'The plate or papers of the rig.');
    }

    /** @return list<SumInput> the fill that all main tanks share, and those of tanks that have one of their own */
    private function fills(): array
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

    /** @return list<SumInput> what rests on a limit with the main tanks at that filling: the sums for the whole, each weight with its place for an axle or the nose */
    private function weights(LimitName $name, Filling $filling): array
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
    private function places(string $key, Filling $filling): array
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
            $kg = $tank->emptyKg + $working->volume->fullL() * $this->fillOf($working, $filling);
            $inputs[] = SumInput::field($tank->name, $say->kg($kg).' '.$place($tank->xM, $tank->yM), $working->pointer().'/'.$key);
        }

        return $this->places[$key.' '.$filling->name] = $inputs;
    }

    private function fillOf(TankWorking $working, Filling $filling): float
    {
        return match (true) {
            Filling::Travelling === $filling => $this->workings->plan->travelFillOf($working->tank),
            Filling::BrimFull === $filling, Supply::Drinking === $working->tank->supply => 1.0,
            default => 0.0,
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
        $split = $this->workings->bestSplit();
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

    private function addBalance(): void
    {
        $say = $this->workings->say;
        $full = $this->workings->travelling;
        $rig = $this->workings->plan->load->rig;
        $masses = $this->places('y_m', Filling::Travelling);
        if ($full instanceof RoadPayload && $rig instanceof PlannedRoadRig) {
            $this->figures->kg('load.side', 'Right less left wheels', $full->sideDifferenceKg, 'Σ 2 × weight × place across ÷ track', [...$masses, SumInput::field('track', $say->metres($rig->trackM), '/load/rig/track_m')], 'Statics: moments about the centreline, of what is listed here.');
        } elseif ($full instanceof TrailerPayload) {
            $this->figures->add('load.nose_share', 'Nose share', $full->noseShareAt(1), Unit::Fraction, Kind::Share, 'nose ÷ whole', [SumInput::figure($this->figures->get('load.nose.travel')), SumInput::figure($this->figures->get('load.gross.travel'))], 'Statics.');
        } elseif ($full instanceof BoatPayload) {
            $gm = $this->figures->add('load.gm', 'Metacentric height left', $full->gmEffectiveM, Unit::Metre, Kind::Length, 'GM − Σ 1000 · length · width³ ÷ 12 ÷ displacement', [SumInput::constant('free surface', $say->metres($full->freeSurfaceM))], 'Initial stability of ships; all tanks taken as slack.');
            $this->figures->add('load.heel', 'Heel', $full->heelDeg ?? 90.0, Unit::Degree, Kind::Angle, 'tan heel = Σ weight × place across ÷ (displacement × GM left)', [...$masses, SumInput::figure($gm)], 'Initial stability of ships, small angles.');
        }
    }
}
