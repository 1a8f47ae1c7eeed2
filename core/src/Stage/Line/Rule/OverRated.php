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
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Stage\Line\Solve\PeakPressure;
use YardCask\Core\Stage\Line\Solve\RatedPeak;

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
            $findings[] = self::finding([$rated->id()], $rated, '', $workings, static fn (): array => self::stronger($rated->subject, $rated, $workings));
        }
        if ([] !== $byMains) {
            $others = \count($byMains) > 1 ? \sprintf(' %s are over theirs too.', ucfirst(1 === \count($byMains) - 1 ? 'one other part' : Say::count(\count($byMains) - 1).' other parts')) : '';
            $findings[] = self::finding(array_column($line->graph->parts(PartKind::MainsInlet), 'id'), $byMains[0], 2 === \count($byMains) ? str_replace(' are ', ' is ', $others) : $others, $workings, static fn (): array => LineFixes::over($workings)->regulators());
        }

        return $findings;
    }

    private static function isMains(PeakPressure $peak): bool
    {
        return LineMode::MainsUse === $peak->mode || LineMode::MainsFill === $peak->mode;
    }

    /**
     * @param list<string> $ids
     * @param \Closure(): list<Fix> $ways
     */
    private static function finding(array $ids, RatedPeak $rated, string $others, Workings $workings, \Closure $ways): Finding
    {
        $say = $workings->say;
        $peak = $rated->peak;
        $hot = $rated->subject instanceof LinePipe && $rated->ratingKpa < $rated->subject->pipe->tube->make->ratingKpa ? \sprintf(' At %s it stands less than cold.', $say->temperature($rated->c)) : '';
        $shock = $peak->shockKpa >= 1 ? \sprintf(', and a shock adds %s when an outlet is shut at once', $say->pressure($peak->shockKpa)) : '';

        return new Finding(
            LineFinding::OverRated,
            $ids,
            new Measure(round($peak->kpa()), round($rated->ratingKpa), 'kPa'),
            \sprintf('%s can meet %s, and is rated for %s', $rated->name(), $say->pressure($peak->kpa()), $say->pressure($rated->ratingKpa)),
            \sprintf('%s stand there (%s)%s.%s%s', ucfirst($say->pressure($peak->standingKpa)), lcfirst($peak->mode->word()), $shock, $hot, $others),
            $ways,
        );
    }

    /** @return list<Fix> another make that stands it */
    private static function stronger(PlannedPart|LinePipe $subject, RatedPeak $rated, Workings $workings): array
    {
        $fixes = LineFixes::over($workings);
        if ($subject instanceof PlannedPart) {
            return $fixes->swaps($subject, static fn (StockPart $stock): bool => $stock->make->ratingKpa >= $rated->peak->kpa() && $stock->make->ratingC >= $subject->make->ratingC);
        }
        $make = $subject->pipe->tube->make;

        return $fixes->otherPipe([$subject->pipe], static fn (StockPipe $stock): bool => $stock->tube->standsKpa($rated->c) >= $rated->peak->kpa() && $stock->tube->make->ratingC >= $make->ratingC && $stock->tube->make->foodGrade && $stock->tube->boreMm >= $subject->pipe->tube->boreMm - 1, 'for the '.$subject->words());
    }
}
