<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Solve\PeakPressure;
use YardCask\Core\Stage\Line\Solve\RatedPeak;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A part or a pipe that can meet more pressure than it is rated for. */
final class OverRated implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = $byMains = [];
        foreach ($line->rated() as $rated) {
            if ($rated->share() <= 1 || null !== $rated->joint) {
                continue;
            }
            if (self::isMains($rated->peak)) {
                $byMains[] = $rated;
                continue;
            }
            $findings[] = self::finding([$rated->id()], $rated, 0, static fn (): array => self::stronger($rated->subject, $rated, $workings));
        }
        if ([] !== $byMains) {
            $inlets = array_column($line->graph->parts(PartKind::MainsInlet), 'id');
            $findings[] = self::finding($inlets, $byMains[0], \count($byMains) - 1, static fn (): array => LineFixes::over($workings)->regulators());
        }

        return $findings;
    }

    private static function isMains(PeakPressure $peak): bool
    {
        return LineMode::MainsUse === $peak->mode || LineMode::MainsFill === $peak->mode;
    }

    /**
     * @param list<string> $ids
     * @param int $others over their rating too
     * @param \Closure(): list<Fix> $ways
     */
    private static function finding(array $ids, RatedPeak $rated, int $others, \Closure $ways): Finding
    {
        $peak = $rated->peak;
        $isWeakerHot = $rated->subject instanceof LinePipe && $rated->ratingKpa < $rated->subject->pipe->tube->make->ratingKpa;

        return new Finding(
            LineFinding::OverRated,
            $ids,
            new Measure(round($peak->kpa()), round($rated->ratingKpa), 'kPa'),
            new SnagText('line.over-rated.title', 'line.over-rated.why', [
                'part' => $rated->subject(),
                'pressure' => Amount::pressure($peak->kpa()),
                'pressure_rated' => Amount::pressure($rated->ratingKpa),
                'steady' => Amount::pressure($peak->standingKpa),
                'mode' => $peak->mode->when(),
                'shocked' => $peak->shockKpa >= 1 ? 'yes' : 'no',
                'shock' => Amount::pressure($peak->shockKpa),
                'weaker' => $isWeakerHot ? 'yes' : 'no',
                'hot' => Amount::temperature($rated->c),
                'others' => $others,
            ]),
            $ways,
        );
    }

    /** @return list<Fix> another make that stands it */
    private static function stronger(PlannedPart|LinePipe $subject, RatedPeak $rated, Workings $workings): array
    {
        $fixes = LineFixes::over($workings);
        if ($subject instanceof PlannedPart) {
            return $fixes->swaps(
                $subject,
                static fn (StockPart $stock): bool => $stock->make->ratingKpa >= $rated->peak->kpa()
                    && $stock->make->ratingC >= $subject->make->ratingC,
            );
        }
        $make = $subject->pipe->tube->make;

        $does = static fn (StockPipe $stock): bool => $stock->tube->standsKpa($rated->c) >= $rated->peak->kpa()
            && $stock->tube->make->ratingC >= $make->ratingC
            && $stock->tube->make->foodGrade
            && $stock->tube->boreMm >= $subject->pipe->tube->boreMm - 1;

        return $fixes->otherPipe([$subject->pipe], $does, 'line.fix.pipe-for', ['pipe' => $subject->phrase()]);
    }
}
