<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Shared;

use YardCask\Core\Assessment\SumOf;
use YardCask\Core\Assessment\SumTerm;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\InletFigures;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Solve\CaseNetwork;
use YardCask\Core\Stage\Line\Solve\SolvedLine;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** What the solver of the line found, as a chain that can be followed: a pressure, what each pipe and part on the way takes, and what is left. */
final readonly class ChainTerms
{
    /** The flow at which what a way takes is told. */
    private const TOLD_LPM = 10.0;

    public function __construct(
        private SolvedLine $solved,
        private LineGraph $graph,
        private Wording $wording,
    ) {
    }

    /** What flows out of an outlet. */
    public function flow(SolvedOutlet $outlet): SumOf
    {
        [$pressure, $terms] = $this->pressureAt($outlet);
        $key = $outlet->part->kind->mixes() ? 'line.sum.spout' : 'line.sum.open';
        $label = $this->wording->text($key, ['pressure' => Amount::pressure(OutletFigures::RATED_KPA)]);
        $open = SumTerm::constant('open', $label, Amount::flow(CaseNetwork::spoutLpm($outlet->part, $outlet->figures)));

        return new SumOf('open * sqrt(max(0, '.$pressure.') / 100)', [$open, ...$terms]);
    }

    /** The pressure at an outlet. */
    public function pressure(SolvedOutlet $outlet): SumOf
    {
        [$pressure, $terms] = $this->pressureAt($outlet);

        return new SumOf('max(0, '.$pressure.')', $terms);
    }

    /** What flows into a tank through an open end: what drives it, less its rise, against what the way takes. */
    public function into(LineEnd $inlet, float $lpm): SumOf
    {
        $path = WaterPath::into($inlet, $this->solved, $this->graph);
        $start = $this->start($path);
        if (null === $start) {
            return SumOf::same(SumTerm::found('flow', $this->wording->text('line.sum.solved'), Amount::flow($lpm)));
        }
        $riseKpa = self::kpa($inlet->zM() - $path->ends[$start]->zM());
        $terms = $losses = [];
        foreach ($this->supply($path, $start) as $term) {
            $losses[] = $term->symbol;
            $told = $this->wording->text('line.sum.at-told', ['step' => $term->label, 'flow' => Amount::flow(self::TOLD_LPM)]);
            $terms[] = SumTerm::assumed($term->symbol, $told, Amount::pressure(($term->amount->value ?? 0.0) * (self::TOLD_LPM / $lpm) ** 2));
        }
        $end = [new Phrase('line.sum.open-end'), $this->at($inlet), 0.0];
        foreach ([...$this->steps($path, $start), $end] as $index => [$label, $lossKpa, $riseM]) {
            $losses[] = 'l'.$index;
            $at10 = ($lossKpa - self::kpa($riseM)) * (self::TOLD_LPM / $lpm) ** 2;
            $told = $this->wording->text('line.sum.at-told', ['step' => $label, 'flow' => Amount::flow(self::TOLD_LPM)]);
            $terms[] = SumTerm::constant('l'.$index, $told, Amount::pressure($at10));
        }

        return new SumOf('told * sqrt((start - rise) / sum('.implode(', ', $losses).'))', [
            SumTerm::constant('told', $this->wording->text('line.sum.told'), Amount::flow(self::TOLD_LPM)),
            $this->startTerm($path, $start),
            SumTerm::constant('rise', $this->wording->text('line.sum.rise'), Amount::pressure($riseKpa)),
            ...$terms,
        ], new Phrase('line.figure.into.note'));
    }

    /** @return array{string, list<SumTerm>} */
    private function pressureAt(SolvedOutlet $outlet): array
    {
        $path = WaterPath::to($outlet->part, $this->solved, $this->graph);
        $start = $this->start($path);
        if (null === $start) {
            return ['left', [SumTerm::found('left', $this->wording->text('line.sum.upstream'), Amount::pressure($outlet->kpa))]];
        }
        $steps = $this->steps($path, $start);
        if ($outlet->part->kind->mixes()) {
            $before = $this->at($path->ends[\count($path->ends) - 1]);
            $steps[] = [new Phrase('line.sum.valve', ['part' => $outlet->part->spoken()]), $before - $outlet->kpa, 0.0];
        }
        $terms = [$this->startTerm($path, $start), ...$this->supply($path, $start)];
        foreach ($steps as $index => [$label, $lossKpa]) {
            $terms[] = SumTerm::constant('l'.$index, $this->wording->inASentence($label), Amount::pressure($lossKpa));
        }

        return ['start - sum('.implode(', ', array_column(\array_slice($terms, 1), 'symbol')).')', $terms];
    }

    /** Where in a path it is pushed for the last time, by its place among the ends; null where nothing flows. */
    private function start(WaterPath $path): ?int
    {
        $start = [] === $path->ends ? null : 0;
        foreach ($path->ends as $index => $end) {
            $isLeaving = 0 === $index % 2;
            if ($isLeaving && $end->owner instanceof PlannedPart && isset($this->solved->pumps[$end->owner->id])) {
                $start = $index;
            }
        }

        return $start;
    }

    private function startTerm(WaterPath $path, int $start): SumTerm
    {
        $end = $path->ends[$start];
        $supplyKpa = self::supplyKpa($end);
        if (null !== $supplyKpa) {
            $at = '/line/parts/'.array_search($end->owner, $this->graph->plan->line->parts, true).'/figures/most_kpa';

            return SumTerm::field('start', $this->wording->text('line.sum.mains'), Amount::pressure($supplyKpa), $at);
        }
        $key = match (true) {
            $end->owner instanceof PlannedTank => 'line.sum.from-tank',
            $end->owner->kind->isPump() => 'line.sum.pump',
            default => 'line.sum.from-part',
        };

        return SumTerm::constant('start', $this->wording->text($key, ['of' => $end->spoken()]), Amount::pressure($this->at($end)));
    }

    /** @return list<SumTerm> what the site’s tap and hose take, where mains water comes through them */
    private function supply(WaterPath $path, int $start): array
    {
        $end = $path->ends[$start];
        $supplyKpa = self::supplyKpa($end);
        $label = $this->wording->text('line.sum.supply');

        return null === $supplyKpa ? [] : [SumTerm::assumed('supply', $label, Amount::pressure($supplyKpa - $this->at($end)))];
    }

    /** The pressure of the mains where a path begins at their inlet; null anywhere else. */
    private static function supplyKpa(LineEnd $end): ?float
    {
        return $end->owner instanceof PlannedPart && PartKind::MainsInlet === $end->owner->kind && $end->owner->figures instanceof InletFigures
            ? $end->owner->figures->mostKpa
            : null;
    }

    /** @return list<array{Phrase, float, float}> each pipe and part on the way, what it takes in kPa with its rise, and how far it rises in m */
    private function steps(WaterPath $path, int $start): array
    {
        $steps = [];
        for ($index = $start + 1; $index < \count($path->ends); ++$index) {
            [$from, $to] = [$path->ends[$index - 1], $path->ends[$index]];
            $lossKpa = $this->at($from) - $this->at($to);
            $isPipe = 1 === $index % 2;
            if ($isPipe) {
                $steps[] = [$path->pipes[intdiv($index, 2)]->phrase(), $lossKpa, $to->zM() - $from->zM()];
            } elseif ($from->node !== $to->node) {
                $steps[] = [Phrase::verbatim($from->spoken()), $lossKpa, 0.0];
            }
        }

        return $steps;
    }

    private function at(LineEnd $end): float
    {
        return $this->solved->kpa($end) ?? 0.0;
    }

    private static function kpa(float $headM): float
    {
        return Water::density(PipeInput::COLD_C) * Water::GRAVITY * $headM / 1000;
    }
}
