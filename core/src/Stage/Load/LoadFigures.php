<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Load\PlannedLoad;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Plan\Rig\Weighing;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\Fill\FillSlip;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\RigLimit;
use YardCask\Core\Stage\Load\Shared\RigState;
use YardCask\Core\Stage\Load\Shared\WheelLoads;
use YardCask\Core\Stage\Load\Trim\BalanceFigures;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
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

    /** Of what may be loaded at all, how much is water as it travels. */
    private function addWaterShare(): void
    {
        $gross = $this->load->limits()[0];
        $payloadKg = $gross->limitKg - ($this->load->isBoat() ? 0.0 : $this->figures->get('load.empty')->value);
        $waterKg = $this->tanks()->travelL() + $this->tanks()->fullL(WaterKind::Drinking);
        if ($payloadKg > 0 && $waterKg > 0) {
            $text = new FigureText(
                'load.figure.water-share.label',
                'load.figure.water-share.formula',
                'load.source.plate',
                ['rig' => $this->workings->plan->load->rig->kind()],
            );
            $this->figures->add('load.water_share', $text, $waterKg / $payloadKg, Unit::Fraction, Kind::Share, fn (): array => [
                SumInput::figure('load.water'),
                SumInput::figure('load.drinking'),
                $this->plate($gross, $this->workings->wording->inASentence(LimitWords::name($gross->name, $this->workings->rigWords))),
                ...$this->load->isBoat() ? [] : [SumInput::figure('load.empty')],
            ]);
        }
    }

    private function addLimit(LimitWorking $limit): void
    {
        $wording = $this->workings->wording;
        $rig = $this->workings->plan->load->rig->kind();
        $moment = $limit->onTheRoad->moment;
        $id = 'load.'.$limit->name->value;
        $with = ['limit' => LimitWords::name($limit->name, $this->workings->rigWords), 'rig' => $rig, 'of' => $limit->name, 'when' => $moment->phrase($rig)];
        $moments = static fn (string $label, RigState $state): FigureText => new FigureText(
            $label,
            'load.figure.at-limit.formula',
            'load.source.moments',
            $with + ['state' => $state->phrase($rig)],
        );
        $plate = static fn (string $label, string $formula): FigureText => new FigureText($label, $formula, 'load.source.plate', $with);
        foreach (RigState::cases() as $state) {
            $text = $moments('load.figure.at-limit.label', $state);
            $this->figures->kg(
                $id.'.'.$state->figureSuffix(),
                $text,
                $limit->kgIn($state),
                fn (): array => $this->inputs->weights($limit->name, $state),
            );
        }
        $allowed = fn (): SumInput => $this->plate($limit, $wording->text('load.sum.limit'));
        $text = $plate('load.figure.spare.label', 'load.figure.spare.formula');
        $this->figures->kg(
            $id.'.spare',
            $text,
            $limit->spareIn(RigState::Travelling)->kg,
            static fn (): array => [$allowed(), SumInput::figure($id.'.travel')],
        );
        $text = $plate('load.figure.spare-full.label', 'load.figure.spare-full.formula');
        $this->figures->kg(
            $id.'.spare_full',
            $text,
            $limit->spareIn(RigState::BrimFull)->kg,
            static fn (): array => [$allowed(), SumInput::figure($id.'.full')],
        );
        $most = static fn (): SumInput => null === $moment->state
            ? SumInput::constant($wording->text('load.sum.at-moment', $with), $wording->kg($limit->limitKg - $limit->onTheRoad->kg))
            : SumInput::figure($id.'.'.$moment->state->figureSuffix());
        $text = $plate('load.figure.least-spare.label', 'load.figure.least-spare.formula');
        $this->figures->kg($id.'.least_spare', $text, $limit->onTheRoad->kg, static fn (): array => [$allowed(), $most()]);
        if ($limit->isOverBeforeWater()) {
            $this->figures->kg(
                $id.'.empty',
                $moments('load.figure.dry.label', RigState::Dry),
                $limit->fill->emptyKg,
                fn (): array => $this->emptyInputs($limit->name),
            );
            $text = $plate('load.figure.over-dry.label', 'load.figure.over-dry.formula');
            $this->figures->kg(
                $id.'.over_empty',
                $text,
                $limit->fill->emptyKg - $limit->limitKg,
                static fn (): array => [SumInput::figure($id.'.empty'), $allowed()],
            );
        }
    }

    private function plate(LimitWorking $limit, string $label): SumInput
    {
        return SumInput::field($label, $this->workings->wording->kg($limit->limitKg), RigLimit::of($limit->name, $this->workings->plan->load->rig)->pointer);
    }

    /** @return list<SumInput> what rests on a limit as it travels, and the fresh water that is taken out again */
    private function emptyInputs(LimitName $name): array
    {
        $wording = $this->workings->wording;
        $limit = $this->load->limit($name) ?? throw new \LogicException('There is no limit '.$name->value.'.');
        $fullWater = SumInput::constant($wording->text('load.sum.less-water'), $wording->kg(-$limit->fill->waterKg));

        return [SumInput::figure('load.'.$name->value.'.full'), $fullWater];
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

    private function addFill(): void
    {
        $wording = $this->workings->wording;
        $greatest = $this->workings->of(GreatestFill::class);
        $limit = $this->load->limit($greatest->limitedBy);
        $formula = match (true) {
            !$greatest->exists => 'load.figure.max-fill.formula.none',
            null === $greatest->limitedBy => 'load.figure.max-fill.formula.brim',
            null === $limit => 'load.figure.max-fill.formula.nose',
            default => 'load.figure.max-fill.formula',
        };
        $text = new FigureText('load.figure.max-fill.label', $formula, 'load.source.straight', ['least' => Amount::share(GreatestFill::LEAST_NOSE_SHARE)]);
        $this->figures->litres('load.max_fill', $text, $greatest->litres, fn (): array => [
            SumInput::figure('tanks.full'),
            ...null === $limit ? [] : [
                $this->plate($limit, $wording->text('load.sum.limit-of', ['limit' => LimitWords::name($limit->name, $this->workings->rigWords)])),
                SumInput::constant($wording->text('load.sum.with-empty'), $wording->kg($limit->fill->emptyKg)),
                SumInput::constant($wording->text('load.sum.full-adds'), $wording->kg($limit->fill->waterKg)),
                SumInput::constant($wording->text('load.sum.held-back'), $wording->kg($greatest->margin * $limit->errorKg)),
            ],
        ]);
    }

    private function addBestSplit(): void
    {
        $split = BestSplit::of($this->workings);
        if (null === $split) {
            return;
        }
        $wording = $this->workings->wording;
        $text = new FigureText('load.figure.best-split.label', 'load.figure.best-split.formula', 'load.source.simplex');
        $left = fn (LimitWorking $limit): string => $wording->text(
            'load.sum.left-empty',
            ['limit' => LimitWords::name($limit->name, $this->workings->rigWords)],
        );
        $this->figures->litres('load.best_split', $text, $split->litres(), fn (): array => [
            ...array_map(
                static fn (TankWorking $working, float $litres): SumInput => SumInput::constant(
                    $working->tank->name,
                    $wording->litresAtMost($litres),
                ),
                $split->tanks,
                $split->litres,
            ),
            ...array_map(
                static fn (LimitWorking $limit): SumInput => SumInput::constant($left($limit), $wording->kg($limit->fill->spareAt(0.0))),
                $this->load->limits(),
            ),
        ]);
    }

    private function tanks(): TanksWorkings
    {
        return $this->workings->of(TanksWorkings::class);
    }
}
