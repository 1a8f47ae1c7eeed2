<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\FlowFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\LineNetwork;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;

/** An outlet that gives too little alone or with the others, or more than is of use; a filter that starves one. */
final class FlowWrong implements Rule
{
    /** So much more than is of use is waste. */
    public const WASTED = 1.5;
    /** Flows are compared as they are read: less than a tenth of a litre a minute is no difference. */
    private const READ = 1;

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $say = $workings->say;
        $findings = [];
        foreach ($line->graph->outlets as $part) {
            $one = $line->alone($part)->outlets[$part->id] ?? null;
            // Where nothing comes at all that is a finding of its own.
            if (null === $one || $one->lpm <= 0.01) {
                continue;
            }
            $least = $one->figures->leastLpm;
            if (!$one->isEnough()) {
                $lacksKpa = $one->lpm >= $least;
                $findings[] = new Finding(LineFinding::FlowLow, [$part->id], $lacksKpa ? new Measure($one->kpa, $one->figures->leastKpa, 'kPa') : new Measure(round($one->lpm, self::READ), $least, 'L/min'), \sprintf('%s gives only %s', $part->name, $lacksKpa ? $say->pressure($one->kpa) : $say->flow($one->lpm)), \sprintf('%s are wanted there, even alone.', $lacksKpa ? $say->pressure($one->figures->leastKpa) : $say->flow($least).' to '.$say->flow($one->figures->mostLpm)), static fn (): array => FlowFixes::more([$part], $workings));
            } elseif ($one->lpm > self::WASTED * $one->figures->mostLpm) {
                $findings[] = new Finding(LineFinding::FlowWasteful, [$part->id], new Measure(round($one->lpm, self::READ), $one->figures->mostLpm, 'L/min'), \sprintf('%s gives %s, more than anyone needs', $part->name, $say->flow($one->lpm)), \sprintf('%s at most are of use there; what is beyond runs away, %s a minute.', $say->flow($one->figures->mostLpm), $say->litres($one->lpm - $one->figures->mostLpm)), static fn (): array => FlowFixes::less($part, $one, $workings));
            }
        }
        $starved = $this->starved($line, $workings);
        $together = $this->together($line, $workings);

        return [...$findings, ...null === $starved ? [] : [$starved], ...null === $together ? [] : [$together]];
    }

    private function together(LineWorkings $line, Workings $workings): ?Finding
    {
        $worst = $line->weakTogether();
        if (null === $worst) {
            return null;
        }
        $ids = $line->together();

        return new Finding(LineFinding::TogetherWeak, $ids, new Measure(round($worst->lpm, self::READ), $worst->figures->leastLpm, 'L/min'), \sprintf('Together with others %s gives only %s', $worst->part->name, $workings->say->flow($worst->lpm)), \sprintf('%s run at the same time; %s alone has %s.', ucfirst(Say::count(\count($ids))).' outlets', $worst->part->name, $workings->say->flow($line->alone($worst->part)->outlets[$worst->part->id]->lpm)), static fn (): array => FlowFixes::more($line->graph->outlets, $workings));
    }

    /** Whether a filter can leave it less than it wants: a loss of so many times as much takes the flow down by no more than its power. */
    private static function canStarve(PlannedPart $filter, SolvedOutlet $new): bool
    {
        $figures = $filter->figures;

        return $figures instanceof FilterFigures && $new->lpm / max(1.0, $figures->wornKpa / $figures->ratedKpa) ** (1 / LineNetwork::FILTER_EXPONENT) < $new->figures->leastLpm;
    }

    private function starved(LineWorkings $line, Workings $workings): ?Finding
    {
        foreach ($line->graph->outlets as $part) {
            $new = $line->alone($part)->outlets[$part->id];
            $filters = array_values(array_filter(WaterPath::to($part, $line->alone($part), $line->graph)->parts(), static fn (PlannedPart $one): bool => PartKind::Filter === $one->kind));
            if ([] === $filters || !self::canStarve($filters[0], $new)) {
                continue;
            }
            $old = $line->solve(new LineCase([$part->id], worn: true))->outlets[$part->id];
            $filter = $filters[0];
            $without = $old->lpm < $old->figures->leastLpm ? FlowFixes::without($filter, $part, $workings) : null;
            if (null !== $without && $without >= $old->figures->leastLpm) {
                return new Finding(LineFinding::FilterStarves, [$filter->id], new Measure(round($old->lpm, self::READ), $old->figures->leastLpm, 'L/min'), \sprintf('%s starves %s', $filter->name, $part->name), \sprintf('Without it %s come, with it new %s, and %s at the end of its life.', $workings->say->flow($without), $workings->say->flow($new->lpm), $workings->say->flow($old->lpm)), static fn (): array => FlowFixes::filter($filter, $workings));
            }
        }

        return null;
    }
}
