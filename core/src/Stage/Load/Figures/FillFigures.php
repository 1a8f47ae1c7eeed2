<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Figures;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumInput;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\LoadInputs;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LimitWorking;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** How much water may travel, and what share of the payload it takes. */
final readonly class FillFigures
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadInputs $inputs,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    /** Of what may be loaded at all, how much is water as it travels. */
    public function addWaterShare(): void
    {
        $gross = $this->load->limits()[0];
        $payloadKg = $gross->limitKg - ($this->load->isBoat() ? 0.0 : $this->figures->get('load.empty')->value);
        $waterKg = $this->workings->of(TanksWorkings::class)->travelL() + $this->workings->of(TanksWorkings::class)->fullL(WaterKind::Drinking);
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
                $this->inputs->plate($gross, $this->workings->wording->inASentence(LimitWords::name($gross->name, $this->workings->rigWords))),
                ...$this->load->isBoat() ? [] : [SumInput::figure('load.empty')],
            ]);
        }
    }

    public function addGreatestFill(): void
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
                $this->inputs->plate($limit, $wording->text('load.sum.limit-of', ['limit' => LimitWords::name($limit->name, $this->workings->rigWords)])),
                SumInput::constant($wording->text('load.sum.with-empty'), $wording->kg($limit->fill->emptyKg)),
                SumInput::constant($wording->text('load.sum.full-adds'), $wording->kg($limit->fill->waterKg)),
                SumInput::constant($wording->text('load.sum.held-back'), $wording->kg($greatest->margin * $limit->errorKg)),
            ],
        ]);
    }

    public function addBestSplit(): void
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
}
