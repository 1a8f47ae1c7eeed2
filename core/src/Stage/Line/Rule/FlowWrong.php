<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\FlowFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\CaseNetwork;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** An outlet with too little flow, alone or with others, or with more than is useful; a filter that starves one. */
final class FlowWrong implements RuleWithThresholds
{
    /** Flows are compared as they are read: less than a tenth of a litre a minute is no difference. */
    private const READ = 1;
    /** With less of its need than that, an outlet only trickles. */
    private const TRICKLE = 0.25;

    public static function thresholds(): array
    {
        return ['times_wasted' => Amount::number(SolvedOutlet::WASTED), 'trickle' => Amount::share(self::TRICKLE)];
    }

    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->outlets as $part) {
            $one = $line->alone($part)->outlets[$part->id] ?? null;
            // Where nothing comes at all that is a finding of its own.
            if (null === $one || $one->isDry()) {
                continue;
            }
            if (!$one->isEnough()) {
                $findings[] = self::tooLittle($part, $one, $workings);
            } elseif ($one->isWasteful()) {
                $findings[] = self::tooMuch($part, $one, $workings);
            }
        }
        $starved = $this->starved($line, $workings);
        $together = $this->together($line, $workings);

        return array_values(array_filter([...$findings, $starved, $together, null === $together ? $this->allOpen($line, $workings) : null]));
    }

    private static function tooLittle(PlannedPart $part, SolvedOutlet $one, Workings $workings): Finding
    {
        $figures = $one->figures;
        $lacksKpa = $one->lpm >= $figures->leastLpm;
        $text = $lacksKpa
            ? new SnagText('line.flow-low.title.pressure', 'line.flow-low.why.pressure', [
                'outlet' => $part->spoken(),
                'pressure' => Amount::pressure($one->kpa),
                'pressure_needed' => Amount::pressure($figures->leastKpa),
            ])
            : new SnagText('line.flow-low.title', 'line.flow-low.why', [
                'outlet' => $part->spoken(),
                'flow' => Amount::flow($one->lpm),
                'flow_needed' => Amount::flow($figures->leastLpm),
                'most' => Amount::flow($figures->mostLpm),
            ]);
        $measure = $lacksKpa ? new Measure($one->kpa, $figures->leastKpa, 'kPa') : new Measure(round($one->lpm, self::READ), $figures->leastLpm, 'L/min');

        return new Finding(LineFinding::FlowLow, [$part->id], $measure, $text, static fn (): array => FlowFixes::more([$part], $workings));
    }

    private static function tooMuch(PlannedPart $part, SolvedOutlet $one, Workings $workings): Finding
    {
        $mostLpm = $one->figures->mostLpm;
        $text = new SnagText('line.flow-wasteful.title', 'line.flow-wasteful.why', [
            'outlet' => $part->spoken(),
            'flow' => Amount::flow($one->lpm),
            'flow_most' => Amount::flow($mostLpm),
            'wasted' => Amount::litres($one->lpm - $mostLpm),
        ]);
        $measure = new Measure(round($one->lpm, self::READ), $mostLpm, 'L/min');

        return new Finding(LineFinding::FlowWasteful, [$part->id], $measure, $text, static fn (): array => FlowFixes::less($part, $one, $workings));
    }

    private function together(LineWorkings $line, Workings $workings): ?Finding
    {
        $worst = $line->weakTogether();
        if (null === $worst) {
            return null;
        }
        $ids = $line->together();
        $figures = $worst->figures;
        $alone = $line->alone($worst->part)->outlets[$worst->part->id];
        $lacksKpa = $worst->lpm >= $figures->leastLpm;
        $text = $lacksKpa
            ? new SnagText('line.together-weak.title.pressure', 'line.together-weak.why.pressure', [
                'outlet' => $worst->part->spoken(),
                'pressure' => Amount::pressure($worst->kpa),
                'pressure_needed' => Amount::pressure($figures->leastKpa),
                'pressure_alone' => Amount::pressure($alone->kpa),
                'outlets' => \count($ids),
            ])
            : new SnagText('line.together-weak.title', 'line.together-weak.why', [
                'outlet' => $worst->part->spoken(),
                'flow' => Amount::flow($worst->lpm),
                'flow_needed' => Amount::flow($figures->leastLpm),
                'flow_alone' => Amount::flow($alone->lpm),
                'outlets' => \count($ids),
            ]);
        $measure = $lacksKpa
            ? new Measure($worst->kpa, $figures->leastKpa, 'kPa')
            : new Measure(round($worst->lpm, self::READ), $figures->leastLpm, 'L/min');

        return new Finding(LineFinding::TogetherWeak, $ids, $measure, $text, static fn (): array => FlowFixes::more($line->graph->outlets, $workings));
    }

    /** With every outlet open, the one that gets least of what it needs, where it only trickles. */
    private function allOpen(LineWorkings $line, Workings $workings): ?Finding
    {
        $weak = null;
        foreach (\count($line->all()) < 2 ? [] : $line->solve(new LineCase($line->all()))->outlets as $one) {
            $isAlone = $line->alone($one->part)->outlets[$one->part->id]->isEnough();
            if ($isAlone && $one->lpm < self::TRICKLE * $one->figures->leastLpm && (null === $weak || $one->share() < $weak->share())) {
                $weak = $one;
            }
        }
        if (null === $weak) {
            return null;
        }
        $text = new SnagText($weak->isDry() ? 'line.all-open-weak.title.dry' : 'line.all-open-weak.title', 'line.all-open-weak.why', [
            'outlet' => $weak->part->spoken(),
            'flow' => Amount::flow($weak->lpm),
            'flow_needed' => Amount::flow($weak->figures->leastLpm),
            'flow_alone' => Amount::flow($line->alone($weak->part)->outlets[$weak->part->id]->lpm),
        ]);
        $measure = new Measure(round($weak->lpm, self::READ), self::TRICKLE * $weak->figures->leastLpm, 'L/min');

        return new Finding(LineFinding::AllOpenWeak, [], $measure, $text, static fn (): array => FlowFixes::more($line->graph->outlets, $workings));
    }

    /** Whether a filter alone can starve it: a loss increased by a factor cuts the flow by at most the same factor. */
    private static function canStarve(PlannedPart $filter, SolvedOutlet $new): bool
    {
        $figures = $filter->figures;

        return $figures instanceof FilterFigures
            && $new->lpm / max(1.0, $figures->wornKpa / $figures->ratedKpa) ** (1 / CaseNetwork::FILTER_EXPONENT) < $new->figures->leastLpm;
    }

    private function starved(LineWorkings $line, Workings $workings): ?Finding
    {
        foreach ($line->graph->outlets as $part) {
            $new = $line->alone($part)->outlets[$part->id];
            $filters = array_values(
                array_filter(
                    WaterPath::to($part, $line->alone($part), $line->graph)->parts(),
                    static fn (PlannedPart $one): bool => PartKind::Filter === $one->kind,
                ),
            );
            if ([] === $filters || !self::canStarve($filters[0], $new)) {
                continue;
            }
            $old = $line->solve(new LineCase([$part->id], worn: true))->outlets[$part->id];
            $filter = $filters[0];
            $without = $old->lpm < $old->figures->leastLpm ? FlowFixes::without($filter, $part, $workings) : null;
            if (null !== $without && $without >= $old->figures->leastLpm) {
                $text = new SnagText('line.filter-starves.title', 'line.filter-starves.why', [
                    'filter' => $filter->spoken(),
                    'outlet' => $part->spoken(),
                    'flow_without' => Amount::flow($without),
                    'flow_new' => Amount::flow($new->lpm),
                    'flow_old' => Amount::flow($old->lpm),
                    'flow_needed' => Amount::flow($old->figures->leastLpm),
                ]);
                $measure = new Measure(round($old->lpm, self::READ), $old->figures->leastLpm, 'L/min');

                return new Finding(LineFinding::FilterStarves, [$filter->id], $measure, $text, static fn (): array => FlowFixes::filter($filter, $workings));
            }
        }

        return null;
    }
}
