<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load;

use YardCask\Core\Assessment\FigureSheet;
use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Stage\Line\Shared\HeldWater;
use YardCask\Core\Stage\Line\Shared\LineWeights;
use YardCask\Core\Stage\Parts\Shared\FittingWeights;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\FigureText;

/** What the line weighs, dry and in water, and what joins and holds it and the tanks, as figures with their sums. */
final readonly class LineTerms
{
    private LineWeights $line;
    private FittingWeights $fittings;

    public function __construct(private Workings $workings)
    {
        $this->line = $workings->of(LineWeights::class);
        $this->fittings = $workings->of(FittingWeights::class);
    }

    public function addTo(FigureSheet $figures): void
    {
        if ([] !== $this->fittings->weighed->kg) {
            $text = new FigureText('load.figure.fittings.label', 'load.source.fittings');
            $figures->kg('load.fittings', $text, $this->fittings->kg(), $this->fittings(...));
        }
        if ([] === $this->line->weights) {
            return;
        }
        $text = new FigureText('load.figure.line.label', 'load.source.parts');
        $figures->kg('load.line', $text, $this->line->ownKg(), fn (): SumOf => SumOf::sum($this->own()));
        $text = new FigureText('load.figure.line-water.label', 'load.source.line-water');
        $figures->kg('load.line_water', $text, $this->line->waterL(), $this->water(...));
    }

    /** @return list<SumTerm> those of the figures that go into what a rig weighs */
    public function figures(): array
    {
        return [
            ...([] === $this->fittings->weighed->kg ? [] : [SumTerm::figure('fittings', 'load.fittings')]),
            ...([] === $this->line->weights ? [] : [SumTerm::figure('line', 'load.line'), SumTerm::figure('line_water', 'load.line_water')]),
        ];
    }

    /** Each thing that is bought, as many of it as there are. */
    private function fittings(): SumOf
    {
        $terms = [];
        foreach ($this->fittings->weighed->kg as $name => $kg) {
            $terms[] = SumTerm::constant('f'.\count($terms), $this->workings->wording->catalogueName($name), Amount::kg($kg));
        }

        return SumOf::sum($terms);
    }

    /** @return list<SumTerm> each part, all pipes together, and all adapters */
    private function own(): array
    {
        $terms = [];
        foreach ($this->workings->plan->line->parts as $index => $part) {
            $terms[] = SumTerm::field('p'.$index, $part->name, Amount::kg($part->make->weightKg), '/line/parts/'.$index.'/weight_kg');
        }
        if ($this->line->pipesKg > 0) {
            $terms[] = SumTerm::constant('pipes', $this->words('load.sum.pipes'), Amount::kg($this->line->pipesKg));
        }

        if ($this->line->adaptersKg > 0) {
            $terms[] = SumTerm::constant('adapters', $this->words('load.sum.adapters'), Amount::kg($this->line->adaptersKg));
        }

        return $terms;
    }

    /** What each part holds, and all pipes together, at 1 kg a litre. */
    private function water(): SumOf
    {
        $terms = [];
        foreach ($this->workings->plan->line->parts as $index => $part) {
            $litres = HeldWater::litres($part);
            $label = $this->words('load.sum.in-tank', ['tank' => $part->spoken()]);
            if ($part->figures instanceof HeaterFigures && $litres === $part->figures->litres && $litres > 0) {
                $terms[] = SumTerm::field('w'.$index, $label, Amount::litres($litres), '/line/parts/'.$index.'/figures/litres');
            } elseif ($litres > 0) {
                $terms[] = SumTerm::assumed('w'.$index, $label, Amount::little($litres));
            }
        }
        $terms[] = SumTerm::constant('pipes', $this->words('load.sum.pipes'), Amount::little($this->line->pipesL));
        $litres = SumOf::sum($terms);

        return new SumOf('('.$litres->expression.') * weighs', [...$terms, SumTerm::constant('weighs', $this->words('load.sum.litre'), Amount::kg(1.0))]);
    }

    /** @param array<string, string> $with */
    private function words(string $key, array $with = []): string
    {
        return $this->workings->wording->text($key, $with);
    }
}
