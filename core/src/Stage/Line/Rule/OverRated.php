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
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\RatedPeak;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A part or a pipe that can meet more pressure than it is rated for. */
final class OverRated implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $isOver = static fn (RatedPeak $rated): bool => $rated->share() > 1 && null === $rated->joint;
        $findings = [];
        foreach (array_filter($line->ratedOffMains(), $isOver) as $rated) {
            $ways = static fn (): array => [...self::stronger($rated->subject, $rated, $workings), ...self::softened($rated, $workings)];
            $findings[] = self::finding([$rated->id()], $rated, [], $ways);
        }
        $byMains = array_values(array_filter($line->rated(), static fn (RatedPeak $rated): bool => $isOver($rated) && $rated->peak->isMains()));
        if ([] !== $byMains) {
            $inlets = array_column($line->graph->parts(PartKind::MainsInlet), 'id');
            $findings[] = self::finding($inlets, $byMains[0], \array_slice($byMains, 1), static fn (): array => LineFixes::over($workings)->regulators());
        }

        return $findings;
    }

    /**
     * @param list<string> $ids
     * @param list<RatedPeak> $others over their rating too
     * @param \Closure(): list<Fix> $ways
     */
    private static function finding(array $ids, RatedPeak $rated, array $others, \Closure $ways): Finding
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
                'mode' => $peak->when(),
                'shocked' => $peak->shockKpa >= 1 ? 'yes' : 'no',
                'shock' => Amount::pressure($peak->shockKpa),
                'weaker' => $isWeakerHot ? 'yes' : 'no',
                'hot' => Amount::temperature($rated->c),
                'others' => \count($others),
                'over' => array_map(static fn (RatedPeak $one): string|Phrase => $one->subject(), $others),
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

    /** @return list<Fix> a small vessel that takes up the shock before it, where that is what is too much */
    private static function softened(RatedPeak $rated, Workings $workings): array
    {
        $part = $rated->subject;
        if (!$part instanceof PlannedPart || $rated->peak->standingKpa > $rated->ratingKpa) {
            return [];
        }
        $graph = $workings->of(LineWorkings::class)->graph;
        $vessels = array_values(array_filter(
            $workings->stock->parts(PartKind::Accumulator),
            static fn (StockPart $stock): bool => $stock->make->ratingC >= $rated->c && $stock->make->ratingKpa >= $rated->peak->standingKpa,
        ));
        usort($vessels, static fn (StockPart $a, StockPart $b): int => $a->make->price <=> $b->make->price);
        $draft = LineDraft::of($workings->plan);
        foreach ([] === $vessels ? [] : $part->kind->ports() as $port) {
            $pipe = $graph->pipeAt($part, $port)?->pipe;
            $draft = null === $pipe ? $draft : $draft->into($pipe, $vessels[0], $part->zM);
        }

        return [] === $vessels ? [] : [new Fix(new Phrase('line.fix.soften', ['part' => $part->spoken()]), $draft->patch())];
    }
}
