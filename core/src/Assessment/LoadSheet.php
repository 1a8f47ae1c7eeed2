<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\BoatPayload;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\LoadPlan;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\Unit;

/** The answer and the drawing of the Load stage. */
final readonly class LoadSheet
{
    private const NEW_LOAD_KG = 20.0;
    private const NEW_LOAD_ABOVE_FLOOR_M = 0.4;

    private function __construct(private Workings $workings)
    {
    }

    public static function of(Workings $workings, FigureSheet $figures): StageSheet
    {
        LoadFigures::add($workings, $figures);
        $sheet = new self($workings);

        return new StageSheet(Stage::Load, $sheet->answer(), ['limits' => array_map($sheet->limit(...), $workings->limits()), 'fill' => $sheet->fill(), 'span' => $sheet->span()], [
            $workings->full instanceof BoatPayload
                ? 'This is the first-order sum for small angles. Weight, free surface and stability of a boat are for a naval architect or surveyor to certify.'
                : 'Loaded as for the road, with people and full tanks, weigh the rig on a public weighbridge: the whole and each axle. The plate on the rig and your local law decide, not this page.',
        ], $sheet->additions());
    }

    private function answer(): Answer
    {
        $say = $this->workings->say;
        $plan = $this->workings->plan;
        $fill = $this->workings->full->maxFill();
        $worst = $this->workings->worstLimit();
        $fullL = $this->workings->fullL(Supply::Main);
        $broken = array_values(array_filter($this->workings->limits(), static fn (LimitWorking $limit): bool => $limit->emptyKg > $limit->limitKg));
        if ([] !== $broken) {
            return new Answer('', $say->kg($broken[0]->emptyKg - $broken[0]->limitKg), ' over before any water.', \sprintf('%s is at %s of %s with empty tanks. Something else has to stay at home or move.', ucfirst(LimitWords::carrier($broken[0]->name, $plan)), $say->kg($broken[0]->emptyKg), $say->kg($broken[0]->limitKg)), 'load.'.$broken[0]->name->value.'.over_empty');
        }
        if ($fullL <= 0) {
            return new Answer('No water aboard yet, ', $say->kg($worst->spareAt(Filling::Travelling)), ' to spare.', \sprintf('Least is left to the %s.', LimitWords::name($worst->name, $plan)), 'load.'.$worst->name->value.'.spare');
        }
        $over = $this->workings->fillingLimit();
        if (null !== $over) {
            $full = \sprintf('Full, %s is %s over its limit.', LimitWords::carrier($over->name, $plan), $say->kg(-$over->spareAt(Filling::BrimFull)));
            $split = BestSplit::of($this->workings);
            if (null !== $split) {
                return new Answer('Travel with ', $say->litresAtMost($split->litres()), '. Brim it on arrival.', \sprintf('%s. Filled alike, the tanks may hold %s. %s', $split->inWords($say), $say->litresAtMost($fill->litres), $full), 'load.best_split');
            }

            return new Answer('Travel with ', $say->litresAtMost($fill->litres), '. Brim it on arrival.', \sprintf('%s Each %s adds %s there.', $full, ...$this->perUnitOfWater($over->waterKgAt(Filling::BrimFull) / $fullL)), 'load.max_fill');
        }

        return new Answer('Travel brim full: ', $say->litres($fullL), ' are allowed.', \sprintf('Least is left to the %s: %s %s.', LimitWords::name($worst->name, $plan), $say->kg($worst->spareAt(Filling::Travelling)), $this->workings->underway()), 'tanks.full');
    }

    /** @return array{string, string} the plan's measure of water, and what one of it adds where a litre adds $kgPerLitre */
    private function perUnitOfWater(float $kgPerLitre): array
    {
        $units = $this->workings->plan->units;
        $perUnit = Quantity::of($kgPerLitre * Quantity::of(1.0, $units->volume)->in(Unit::Litre), Unit::Kilogram)->in($units->mass);

        $measure = match ($units->volume) {
            Unit::UsGallon => 'US gallon',
            Unit::ImperialGallon => 'imp gallon',
            default => 'litre',
        };

        return [$measure, number_format($perUnit, 2).' '.$units->mass->value];
    }

    /** @return array<string, mixed> one limit as the drawing's bar shows it; shares are of the limit */
    private function limit(LimitWorking $limit): array
    {
        $say = $this->workings->say;
        $rig = $this->workings->plan->load->rig;
        $kg = $limit->kgAt(Filling::Travelling);
        $fullKg = $limit->kgAt(Filling::BrimFull);
        $over = $limit->isOverAt(Filling::Travelling);
        $placeM = match ($limit->name) {
            LimitName::Front, LimitName::Nose => 0.0,
            LimitName::Rear => $rig instanceof PlannedRoadRig ? $rig->wheelbaseM : 0.0,
            LimitName::Axle => $rig instanceof PlannedTrailer ? $rig->couplingToAxleM : 0.0,
            default => null,
        };

        return [
            'name' => $limit->name, 'title' => ucfirst(LimitWords::name($limit->name, $this->workings->plan)),
            'limit' => $say->kg($limit->limitKg), 'travel' => $say->kg($kg), 'full' => $say->kg($fullKg),
            'spare' => $say->kg(abs($limit->limitKg - $kg)).($over ? ' over' : ' left'),
            'travel_share' => max(0.0, $kg) / $limit->limitKg, 'full_share' => max(0.0, $fullKg) / $limit->limitKg,
            'over' => $over, 'over_full' => $limit->isOverAt(Filling::BrimFull),
        ] + (null === $placeM ? [] : ['x_m' => $placeM]);
    }

    /** @return array<string, mixed> */
    private function tankFill(TankWorking $working): array
    {
        $say = $this->workings->say;
        $fullL = $working->volume->fullL();

        return ['id' => $working->tank->id, 'travel' => $say->litres($this->workings->plan->travelFillOf($working->tank) * $fullL), 'full' => $say->litres($fullL)];
    }

    /** @return array{from_m: float, to_m: float, text: string} the length that is written below the drawing */
    private function span(): array
    {
        $rig = $this->workings->plan->load->rig;
        [$fromM, $toM] = match (true) {
            $rig instanceof PlannedRoadRig => [0.0, $rig->wheelbaseM],
            $rig instanceof PlannedTrailer => [0.0, $rig->couplingToAxleM],
            default => [$this->workings->rigFromM(), $this->workings->rigToM()],
        };

        return ['from_m' => $fromM, 'to_m' => $toM, 'text' => $this->workings->say->metres($toM - $fromM)];
    }

    /** @return list<Fix> a load to begin with, in the middle of the rig, above its floor */
    private function additions(): array
    {
        $plan = $this->workings->plan;
        if (\count($plan->load->loads) >= LoadPlan::MOST_LOADS) {
            return [];
        }
        $xM = round(($this->workings->rigFromM() + $this->workings->rigToM()) / 2, 1);
        $load = new PlannedLoad(FreePlace::freeId('load', $plan), 'Another load', self::NEW_LOAD_KG, $xM, 0.0, round($plan->load->rig->body()->floorM + self::NEW_LOAD_ABOVE_FLOOR_M, 2));

        return [new Fix('Add a load', PlanPatch::append('/load/loads', $load))];
    }

    /** @return array<string, mixed> */
    private function fill(): array
    {
        $say = $this->workings->say;
        $fill = $this->workings->full->maxFill();
        $fullL = $this->workings->fullL(Supply::Main);
        $tanks = $this->workings->tanksOf(Supply::Main);

        return [
            'full' => $say->litres($fullL), 'travel' => $say->litres($this->workings->travelL()),
            'underway' => $this->workings->underway(), 'fraction' => $fullL > 0 ? $this->workings->travelL() / $fullL : 0.0,
            'tanks' => \count($tanks) > 1 ? array_map($this->tankFill(...), $tanks) : [],
            'max' => $say->litresAtMost($fill->litres), 'max_fraction' => $fill->fraction,
            'limited_by' => LimitName::None === $fill->limitedBy ? '' : LimitWords::name($fill->limitedBy, $this->workings->plan).' full',
        ];
    }
}
