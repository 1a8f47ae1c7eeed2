<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedRoadRig;
use YardCask\Core\Plan\PlannedTrailer;
use YardCask\Core\Plan\Weighing;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;

/** The figures of the Load stage, each with its sum. */
final readonly class LoadFigures
{
    /** How the figure of each state ends. */
    public const SUFFIXES = ['dry' => 'dry', 'travelling' => 'travel', 'brim_full' => 'full', 'used_up' => 'used_up', 'refilled' => 'refilled'];
    private const MOMENTS = 'Statics: moments of every weight about the axle.';
    private const PLATE = 'The plate or papers of the rig.';

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
        $sheet->addEmpty();
        $sheet->addAboard();
        $sheet->addWater();
        foreach ($sheet->load->limits() as $limit) {
            $sheet->addLimit($limit);
        }
        $sheet->addWaterShare();
        $sheet->addTyre();
        $sheet->addFill();
        $sheet->addBestSplit();
        BalanceFigures::add($workings, $figures, $sheet->inputs);
        FillSlip::addFigures($workings, $figures);
    }

    private function addEmpty(): void
    {
        $say = $this->workings->say;
        $rig = $this->workings->plan->load->rig;
        $source = 'The weighbridge, or an estimate where there is no ticket.';
        if ($rig instanceof PlannedRoadRig) {
            $isWhole = $rig->isOnlyWholeWeighed();
            $label = $isWhole ? 'Empty, weighed as a whole' : self::emptyLabel($rig->frontWeighing(), $rig->rearWeighing());
            $this->figures->kg('load.empty', $label, $this->load->base->firstKg + $this->load->base->secondKg, $isWhole ? 'as weighed' : 'sum of the axles', fn (): array => [...$this->inputs->weighed(LimitName::Gross), ...$this->inputs->corrections(0)], $source);
        } elseif ($rig instanceof PlannedTrailer) {
            $this->figures->kg('load.empty', self::emptyLabel($rig->whole), $this->load->base->firstKg, 'as weighed or estimated', fn (): array => [SumInput::field('trailer', $say->kg($rig->whole->kg()), '/load/rig/'.$rig->whole->key()), ...$this->inputs->corrections(1)], $source);
        } elseif ($rig instanceof PlannedBoat) {
            $this->figures->kg('load.empty', 'Displacement, empty', $rig->displacementKg, 'as entered', static fn (): array => [SumInput::field('displacement', $say->kg($rig->displacementKg), '/load/rig/displacement_kg')], 'The boat’s papers, or her marks.');
        }
    }

    private function addAboard(): void
    {
        $people = $this->load->people;
        $loadsKg = array_sum(array_map(static fn (PlannedLoad $load): float => $load->kg, $this->workings->plan->load->loads));
        $this->figures->kg('load.people', 'People', $people->kg(), 'sum', fn (): array => $this->inputs->people(), 'As entered, one for each of the crew.');
        $this->figures->kg('load.aboard', 'People and gear', $people->kg() + $loadsKg, 'sum', fn (): array => [...$this->inputs->people(), ...$this->inputs->loads()], 'As entered.');
        $this->figures->kg('load.tanks', 'Tanks, empty', array_sum(array_map(static fn (TankWorking $working): float => $working->tank->allEmptyKg(), $this->tanks()->all())), 'sum', fn (): array => $this->inputs->emptyTanks(), 'As entered.');
    }

    private function addWater(): void
    {
        $say = $this->workings->say;
        $underway = $this->workings->words->underway();
        $drinkingL = $this->tanks()->fullL(Holds::Drinking);
        $this->figures->kg('load.drinking', 'Drinking water', $drinkingL, 'litres × 1.000 kg/L', static fn (): array => [SumInput::constant('cans, full', $say->litres($drinkingL))], 'Drinking cans always travel full.');
        $this->figures->litres('load.travel', 'Water '.$underway, $this->tanks()->travelL(), 'brim full × how full it travels, over all fresh tanks', fn (): array => [SumInput::figure('tanks.full'), ...$this->inputs->fills()], 'As chosen here.');
        $this->figures->kg('load.water', 'Water '.$underway, $this->tanks()->travelL(), 'litres × 1.000 kg/L', static fn (): array => [SumInput::figure('load.travel')], 'Fresh water weighs one kilogram a litre.');
    }

    /** Of what may be loaded at all, how much is water as it travels. */
    private function addWaterShare(): void
    {
        $gross = $this->load->limits()[0];
        $payloadKg = $gross->limitKg - ($this->load->isBoat() ? 0.0 : $this->figures->get('load.empty')->value);
        $waterKg = $this->tanks()->travelL() + $this->tanks()->fullL(Holds::Drinking);
        if ($payloadKg > 0 && $waterKg > 0) {
            $this->figures->add('load.water_share', 'Water, of the payload', $waterKg / $payloadKg, Unit::Fraction, Kind::Share, $this->load->isBoat() ? 'all water aboard ÷ load limit' : 'all water aboard ÷ (gross limit − empty)', fn (): array => [
                SumInput::figure('load.water'),
                SumInput::figure('load.drinking'),
                SumInput::field(LimitWords::name($gross->name, $this->workings->words), $this->workings->say->kg($gross->limitKg), RigLimit::of($gross->name, $this->workings->plan->load->rig)->pointer),
                ...$this->load->isBoat() ? [] : [SumInput::figure('load.empty')],
            ], self::PLATE);
        }
    }

    private function addLimit(LimitWorking $limit): void
    {
        [$say, $words] = [$this->workings->say, $this->workings->words];
        $name = LimitWords::name($limit->name, $words);
        $id = 'load.'.$limit->name->value;
        $formula = self::formula($limit->name);
        foreach (RigState::cases() as $state) {
            $this->figures->kg($id.'.'.self::SUFFIXES[$state->value], ucfirst($name).', '.lcfirst($state->title($words)), $limit->kgIn($state), $formula, fn (): array => $this->inputs->weights($limit->name, $state), self::MOMENTS);
        }
        $allowed = fn (): SumInput => SumInput::field('limit', $say->kg($limit->limitKg), RigLimit::of($limit->name, $this->workings->plan->load->rig)->pointer);
        $this->figures->kg($id.'.spare', 'Left to the '.$name.', '.$words->underway(), $limit->spareIn(RigState::Travelling)->kg, 'limit − '.$words->underway(), static fn (): array => [$allowed(), SumInput::figure($id.'.travel')], self::PLATE);
        $this->figures->kg($id.'.spare_full', 'Left to the '.$name.', brim full', $limit->spareIn(RigState::BrimFull)->kg, 'limit − brim full', static fn (): array => [$allowed(), SumInput::figure($id.'.full')], self::PLATE);
        $moment = $limit->onTheRoad->moment;
        $most = static fn (): SumInput => null === $moment->state
            ? SumInput::constant(ucfirst($name).' '.$moment->inWords($say, $words), $say->kg($limit->limitKg - $limit->onTheRoad->kg))
            : SumInput::figure($id.'.'.self::SUFFIXES[$moment->state->value]);
        $this->figures->kg($id.'.least_spare', 'Least left to the '.$name.', '.$moment->inWords($say, $words), $limit->onTheRoad->kg, 'limit − the most that rests on it from setting off to used up, or empty', static fn (): array => [$allowed(), $most()], self::PLATE);
        if ($limit->isOverBeforeWater()) {
            $this->figures->kg($id.'.empty', ucfirst($name).', fresh tanks empty', $limit->fill->emptyKg, $formula, fn (): array => $this->emptyInputs($limit->name), self::MOMENTS);
            $this->figures->kg($id.'.over_empty', 'Over before any water', $limit->fill->emptyKg - $limit->limitKg, 'fresh tanks empty − limit', static fn (): array => [SumInput::figure($id.'.empty'), $allowed()], self::PLATE);
        }
    }

    /** @return list<SumInput> what rests on a limit as it travels, and the fresh water that is taken out again */
    private function emptyInputs(LimitName $name): array
    {
        $say = $this->workings->say;
        $limit = $this->load->limit($name) ?? throw new \LogicException('There is no limit '.$name->value.'.');
        $fullWater = SumInput::constant('less the fresh water there, brim full', $say->kg(-$limit->fill->waterKg));

        return [SumInput::figure('load.'.$name->value.'.full'), $fullWater];
    }

    private static function emptyLabel(Weighing ...$weighings): string
    {
        $weighed = \count(array_filter($weighings, static fn (Weighing $one): bool => $one->isWeighed()));

        return 'Empty, '.match ($weighed) {
            \count($weighings) => 'weighed',
            0 => 'estimated',
            default => 'part weighed',
        };
    }

    private static function formula(LimitName $name): string
    {
        return match ($name) {
            LimitName::Front => 'weighed + Σ weight × (1 − place ÷ wheelbase)',
            LimitName::Rear => 'weighed + Σ weight × place ÷ wheelbase',
            LimitName::Nose => 'weighed + Σ weight × (1 − place ÷ coupling to axle)',
            LimitName::Axle => 'whole − nose',
            default => 'sum of everything',
        };
    }

    private function addTyre(): void
    {
        $worst = WheelLoads::worstOver($this->workings);
        if (null === $worst) {
            return;
        }
        $say = $this->workings->say;
        $axle = '/load/rig/axles/'.$worst->axleIndex;
        $this->figures->kg('load.tyre_over', 'Over on the '.$worst->name($this->workings->plan->load->rig, $this->workings->words).', '.lcfirst($worst->state->title($this->workings->words)), $worst->overKg(), 'share × (half of the axle + Σ weight × place across ÷ track) ÷ tyres on that side − what one may carry', fn (): array => [
            SumInput::figure('load.'.$worst->limit->value.'.'.self::SUFFIXES[$worst->state->value]),
            ...$this->inputs->places('y_m', $worst->state),
            SumInput::constant('on the tyre', $say->kg($worst->kg)),
            SumInput::field('what one may carry', $say->kg($worst->tyreKg), $axle.'/tyre_kg'),
        ], self::MOMENTS);
    }

    private function addFill(): void
    {
        [$say, $words] = [$this->workings->say, $this->workings->words];
        $greatest = $this->load->greatestFill();
        $limit = $this->load->limit($greatest->limitedBy);
        $formula = match (true) {
            !$greatest->exists => 'nothing: no fill keeps every limit from setting off to used up',
            null === $greatest->limitedBy => 'brim full: no limit is reached',
            null === $limit => 'brim full × the part with which the nose keeps 4 % of the trailer to the end',
            default => 'brim full × (limit − kept − with empty tanks) ÷ what full tanks add, at the limit that is reached first; less where a limit is reached on the way to used up',
        };
        $this->figures->litres('load.max_fill', 'Most to travel with', $greatest->litres, $formula, fn (): array => [
            SumInput::figure('tanks.full'),
            ...null === $limit ? [] : [
                SumInput::field('limit: '.LimitWords::name($limit->name, $words), $say->kg($limit->limitKg), RigLimit::of($limit->name, $this->workings->plan->load->rig)->pointer),
                SumInput::constant('there with empty fresh tanks', $say->kg($limit->fill->emptyKg)),
                SumInput::constant('full fresh tanks add there', $say->kg($limit->fill->waterKg)),
                SumInput::constant('kept for what an estimate may hide', $say->kg($greatest->margin * $limit->errorKg)),
            ],
        ], 'Statics: every load rises in a straight line with the fill.');
    }

    private function addBestSplit(): void
    {
        $split = BestSplit::of($this->workings);
        if (null === $split) {
            return;
        }
        $say = $this->workings->say;
        $this->figures->litres('load.best_split', 'Most to travel with, each tank for itself', $split->litres(), 'the most that all tanks can hold together with every limit kept to used up, each rounded down', fn (): array => [
            ...array_map(static fn (TankWorking $working, float $litres): SumInput => SumInput::constant($working->tank->name, $say->litresAtMost($litres)), $split->tanks, $split->litres),
            ...array_map(fn (LimitWorking $limit): SumInput => SumInput::constant('left to the '.LimitWords::name($limit->name, $this->workings->words).' with empty fresh tanks', $say->kg($limit->fill->spareAt(0.0))), $this->load->limits()),
        ], 'Linear programming: the two-phase simplex method.');
    }

    private function tanks(): TanksWorkings
    {
        return $this->workings->of(TanksWorkings::class);
    }
}
