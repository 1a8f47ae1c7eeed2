<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Graph\InletPath;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Shared\LineFill;
use YardCask\Core\Stage\Line\Shared\LineFills;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Water from a stream or a bucket goes untreated into a tank that taps draw on. */
final class RawWater implements RuleWithThresholds
{
    /** What a lamp’s maker wants before it: in coarser water germs stand in the shade. */
    private const FINE_UM = 5.0;

    public static function thresholds(): array
    {
        return ['fine' => Amount::number(self::FINE_UM)];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $isTreated = static fn (LineEnd $end): bool => self::treats(InletPath::from($end, $graph));
        $drawn = array_filter($graph->parts(PartKind::FillInlet), static fn (PlannedPart $hose): bool => !$isTreated(new LineEnd($hose, PartPort::Out)));
        $findings = [];
        foreach ([] === $drawn ? [] : $graph->fills() as $inlet) {
            $tank = $inlet->owner;
            if (!$tank instanceof PlannedTank || $isTreated($inlet)) {
                continue;
            }
            $pumped = array_filter($workings->of(LineFills::class)->of($tank), static fn (LineFill $fill): bool => LineMode::Fill === $fill->mode);
            if ([] === $pumped) {
                continue;
            }
            $findings[] = new Finding(
                LineFinding::RawWater,
                [$tank->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('line.raw-water.title', 'line.raw-water.why', ['tank' => $tank->name]),
                static fn (): array => self::lamp($inlet, $tank, $workings),
            );
        }

        return $findings;
    }

    /** @param list<LineEnd> $path what stands in a row: a doser, or a lamp with a filter fine enough for it */
    private static function treats(array $path): bool
    {
        $kinds = [];
        foreach ($path as $end) {
            $part = $end->owner;
            $isFine = $part instanceof PlannedPart && $part->figures instanceof FilterFigures && $part->figures->finenessUm <= self::FINE_UM;
            if ($part instanceof PlannedPart && ($isFine || PartKind::Filter !== $part->kind)) {
                $kinds[] = $part->kind;
            }
        }

        return \in_array(PartKind::Doser, $kinds, true)
            || (\in_array(PartKind::UvLamp, $kinds, true) && \in_array(PartKind::Filter, $kinds, true));
    }

    /** @return list<Fix> a lamp at the inlet and a fine filter upstream of it, or the filter alone where there is a lamp */
    private static function lamp(LineEnd $inlet, PlannedTank $tank, Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $filter = self::fineFilter($workings->stock);
        $lamp = $workings->stock->usual(UsualFor::RawTreatment);
        if (null === $filter || null === $lamp) {
            return [];
        }
        foreach (InletPath::from($inlet, $graph) as $end) {
            if ($end->owner instanceof PlannedPart && PartKind::UvLamp === $end->owner->kind) {
                $pipe = $graph->pipeAt($end->owner, $end->owner->entersAt());
                $label = new Phrase('line.fix.fine-filter', ['lamp' => $end->owner->spoken(), 'fine' => Amount::number(self::FINE_UM)]);

                return null === $pipe ? [] : [new Fix($label, LineDraft::of($workings->plan)->into($pipe->pipe, $filter)->patch())];
            }
        }
        $draft = LineDraft::of($workings->plan)->into($graph->atPort[$inlet->key]->pipe, $filter);
        foreach ($draft->line->pipes as $pipe) {
            if ($pipe->from === $inlet->key || $pipe->to === $inlet->key) {
                return [new Fix(new Phrase('line.fix.treat', ['tank' => $tank->name]), $draft->into($pipe, $lamp, $inlet->zM())->patch())];
            }
        }

        return [];
    }

    /** The cheapest that is fine enough for a lamp and leaves the disinfectant in the water. */
    private static function fineFilter(PartStock $stock): ?StockPart
    {
        $fine = array_filter(
            $stock->parts(PartKind::Filter),
            static fn (StockPart $one): bool => $one->figures instanceof FilterFigures
                && $one->figures->finenessUm <= self::FINE_UM
                && true !== $one->figures->takesDisinfectant,
        );
        usort($fine, static fn (StockPart $a, StockPart $b): int => $a->make->price <=> $b->make->price);

        return $fine[0] ?? null;
    }
}
