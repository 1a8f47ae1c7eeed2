<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Figures;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Stage\Load\LoadTerms;
use YardCask\Core\Stage\Load\Shared\BestSplit;
use YardCask\Core\Stage\Load\Shared\GreatestFill;
use YardCask\Core\Stage\Load\Shared\LimitWords;
use YardCask\Core\Stage\Load\Shared\LoadWorkings;
use YardCask\Core\Stage\Load\Shared\UsualNose;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;
use YardCask\Core\Words\Phrase;

/** How much water may travel, and what share of the payload it takes. */
final readonly class FillFigures
{
    private LoadWorkings $load;

    public function __construct(
        private Workings $workings,
        private FigureSheet $figures,
        private LoadTerms $terms,
    ) {
        $this->load = $workings->of(LoadWorkings::class);
    }

    /** Of what may be loaded at all, how much is water as it travels. */
    public function addWaterShare(): void
    {
        $gross = $this->load->limits()[0];
        $isBoat = $this->load->isBoat();
        $payloadKg = $gross->limitKg - ($isBoat ? 0.0 : $this->figures->get('load.empty')->value);
        $waterKg = $this->workings->of(TanksWorkings::class)->travelL() + $this->workings->of(TanksWorkings::class)->fullL(WaterKind::Drinking);
        if ($payloadKg > 0 && $waterKg > 0) {
            $label = $this->workings->wording->inASentence(LimitWords::name($gross->name, $this->workings->rigWords));
            $text = new FigureText('load.figure.water-share.label', 'load.source.plate');
            $this->figures->add('load.water_share', $text, $waterKg / $payloadKg, Unit::Fraction, Kind::Share, fn (): SumOf => new SumOf(
                $isBoat ? '(water + drinking) / limit' : '(water + drinking) / (limit - empty)',
                [
                    SumTerm::figure('water', 'load.water'),
                    SumTerm::figure('drinking', 'load.drinking'),
                    $this->terms->plate('limit', $gross, $label),
                    ...$isBoat ? [] : [SumTerm::figure('empty', 'load.empty')],
                ],
            ));
        }
    }

    public function addGreatestFill(): void
    {
        $greatest = $this->workings->of(GreatestFill::class);
        $text = new FigureText('load.figure.max-fill.label', 'load.source.straight');
        $this->figures->litresAtMost('load.max_fill', $text, $greatest->litres, fn (): SumOf => $this->greatest($greatest));
    }

    private function greatest(GreatestFill $greatest): SumOf
    {
        $full = SumTerm::figure('full', 'tanks.full');
        $limit = $this->load->limit($greatest->limitedBy);
        if (null === $greatest->limitedBy && $greatest->exists) {
            return SumOf::sum([$full], new Phrase('load.figure.max-fill.note.brim'));
        }
        $wording = $this->workings->wording;
        if (null !== $limit) {
            $heldKg = $greatest->margin * $limit->errorKg;
            $fraction = abs($limit->fill->waterKg) < 1e-9 ? -1.0 : ($limit->limitKg - $heldKg - $limit->fill->emptyKg) / $limit->fill->waterKg;
            if (abs($fraction - $greatest->fraction) < 1e-6) {
                $name = LimitWords::name($limit->name, $this->workings->rigWords);

                return new SumOf('full * (limit - held - empty) / adds', [
                    $full,
                    $this->terms->plate('limit', $limit, $wording->text('load.sum.limit-of', ['limit' => $name])),
                    SumTerm::constant('held', $wording->text('load.sum.held-back'), Amount::kg($heldKg)),
                    SumTerm::constant('empty', $wording->text('load.sum.with-empty'), Amount::kg($limit->fill->emptyKg)),
                    SumTerm::constant('adds', $wording->text('load.sum.full-adds'), Amount::kg($limit->fill->waterKg)),
                ], new Phrase('load.figure.max-fill.note'));
            }
        }
        $note = match (true) {
            !$greatest->exists => new Phrase('load.figure.max-fill.note.none'),
            null === $limit => new Phrase('load.figure.max-fill.note.nose', ['least' => Amount::share(UsualNose::of($this->workings->plan)->leastShare())]),
            default => new Phrase('load.figure.max-fill.note.later'),
        };

        return new SumOf('full * share', [$full, SumTerm::found('share', $wording->text('load.sum.greatest'), Amount::share($greatest->fraction))], $note);
    }

    public function addBestSplit(): void
    {
        $split = BestSplit::of($this->workings);
        if (null === $split) {
            return;
        }
        $text = new FigureText('load.figure.best-split.label', 'load.source.simplex');
        $this->figures->litresAtMost('load.best_split', $text, $split->litres(), static fn (): SumOf => SumOf::sum(
            array_map(
                static fn (TankWorking $working, float $litres): SumTerm => SumTerm::found('t'.$working->index, $working->tank->name, Amount::litres($litres)),
                $split->tanks,
                $split->litres,
            ),
            new Phrase('load.figure.best-split.note'),
        ));
    }
}
