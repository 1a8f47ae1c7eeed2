<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Say;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Solve\PeakPressure;

/** A part or a pipe that can meet more pressure than it is rated for. */
final class OverRated implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = $byMains = [];
        foreach (self::all($line) as [$id, $name, $peak, $ratingKpa, $subject]) {
            if ($peak->kpa() <= $ratingKpa) {
                continue;
            }
            if (self::isMains($peak)) {
                $byMains[] = [$peak->kpa() - $ratingKpa, $name, $peak, $ratingKpa];
                continue;
            }
            $findings[] = self::finding([$id], $name, '', $peak, $ratingKpa, $workings, static fn (): array => self::stronger($subject, $peak, $workings));
        }
        if ([] !== $byMains) {
            rsort($byMains);
            [, $name, $peak, $ratingKpa] = $byMains[0];
            $others = \count($byMains) > 1 ? \sprintf(' %s are over theirs too.', ucfirst(1 === \count($byMains) - 1 ? 'one other part' : Say::count(\count($byMains) - 1).' other parts')) : '';
            $findings[] = self::finding(array_column($line->graph->parts(PartKind::MainsInlet), 'id'), $name, 2 === \count($byMains) ? str_replace(' are ', ' is ', $others) : $others, $peak, $ratingKpa, $workings, static fn (): array => self::regulators($workings));
        }

        return $findings;
    }

    /** @return list<array{string, string, PeakPressure, float, PlannedPart|LinePipe}> id, name, the highest pressure and the rating of every part and pipe */
    private static function all(LineWorkings $line): array
    {
        $all = [];
        foreach ($line->graph->plan->line->parts as $part) {
            $peak = $line->highest()->parts[$part->id] ?? null;
            if (null !== $peak) {
                $all[] = [$part->id, $part->name, $peak, $part->make->ratingKpa, $part];
            }
        }
        foreach ($line->graph->pipes as $index => $pipe) {
            $peak = $line->highest()->pipes[$index] ?? null;
            if (null !== $peak) {
                $all[] = [$pipe->pipe->id, ucfirst($pipe->words()), $peak, $pipe->pipe->tube->make->ratingKpa, $pipe];
            }
        }

        return $all;
    }

    private static function isMains(PeakPressure $peak): bool
    {
        return LineMode::MainsUse === $peak->mode || LineMode::MainsFill === $peak->mode;
    }

    /**
     * @param list<string> $ids
     * @param \Closure(): list<Fix> $ways
     */
    private static function finding(array $ids, string $name, string $others, PeakPressure $peak, float $ratingKpa, Workings $workings, \Closure $ways): Finding
    {
        $say = $workings->say;
        $shock = $peak->shockKpa >= 1 ? \sprintf(', and a shock adds %s when an outlet is shut at once', $say->pressure($peak->shockKpa)) : '';

        return new Finding(
            LineFinding::OverRated,
            $ids,
            new Measure(round($peak->kpa()), $ratingKpa, 'kPa'),
            \sprintf('%s can meet %s, and is rated for %s', $name, $say->pressure($peak->kpa()), $say->pressure($ratingKpa)),
            \sprintf('%s stand there (%s)%s.%s', ucfirst($say->pressure($peak->standingKpa)), lcfirst($peak->mode->word()), $shock, $others),
            $ways,
        );
    }

    /** @return list<Fix> another make that stands it */
    private static function stronger(PlannedPart|LinePipe $subject, PeakPressure $peak, Workings $workings): array
    {
        $fixes = LineFixes::over($workings);
        if ($subject instanceof PlannedPart) {
            return $fixes->swaps($subject, static fn (StockPart $stock): bool => $stock->make->ratingKpa >= $peak->kpa() && $stock->make->ratingC >= $subject->make->ratingC);
        }
        $make = $subject->pipe->tube->make;

        return $fixes->otherPipe([$subject->pipe], static fn (StockPipe $stock): bool => $stock->tube->make->ratingKpa >= $peak->kpa() && $stock->tube->make->ratingC >= $make->ratingC && $stock->tube->make->foodGrade && $stock->tube->boreMm >= $subject->pipe->tube->boreMm - 1, 'for the '.$subject->words());
    }

    /** @return list<Fix> a regulator behind each mains inlet that has none */
    private static function regulators(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $fixes = [];
        foreach ($graph->parts(PartKind::MainsInlet) as $inlet) {
            $next = $graph->beyond($inlet, PartPort::Out)?->owner;
            if (!$next instanceof PlannedPart || PartKind::Regulator !== $next->kind) {
                array_push($fixes, ...LineFixes::over($workings)->into($graph->pipeAt($inlet, PartPort::Out)?->pipe, ['regulator-210'], 'behind '.$inlet->name));
            }
        }

        return $fixes;
    }
}
