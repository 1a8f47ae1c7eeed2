<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Line\FilterFigures;
use YardCask\Core\Plan\Line\OutletFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Words\Phrase;

/** Changes that give an outlet more or less. */
final class FlowFixes
{
    /** Pipes so much wider than the narrowest are changed with it. */
    private const ALIKE_MM = 3.0;
    /** What is not wider by more than that changes little. */
    private const WIDER_BY_MM = 2.0;
    /** More than a rig needs: a pipe that stands more need not be replaced with one that does too. */
    private const USUAL_RATING_KPA = 600.0;
    private const LEAST_RATING_C = 40.0;
    /** A tap that is content with so little can be the one for drinking. */
    private const DRINKING_LPM = 3.0;

    /**
     * @param list<PlannedPart> $outlets
     *
     * @return list<Fix> a stronger pump, wider pipes up to the outlets, freer filters
     */
    public static function more(array $outlets, Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $pipes = $parts = [];
        foreach ($outlets as $outlet) {
            $path = WaterPath::to($outlet, $line->alone($outlet), $line->graph);
            $pipes += array_column(array_map(static fn (LinePipe $pipe): array => [$pipe->index, $pipe->pipe], $path->pipes), 1, 0);
            $parts += array_column($path->parts(), null, 'id');
        }
        $freer = $stronger = [];
        foreach ($parts as $part) {
            if (PartKind::Filter === $part->kind) {
                array_push($freer, ...self::filter($part, $workings));
            } elseif ($part->figures instanceof PumpFigures) {
                $lpm = self::mostLpm($part->figures);
                array_push($stronger, ...self::otherPumps($part, static fn (float $otherLpm): bool => $otherLpm > $lpm, $workings));
            }
        }

        return [...$freer, ...$stronger, ...self::wider(array_values($pipes), $workings)];
    }

    /**
     * @param list<PlannedPipe> $pipes on the way
     *
     * @return list<Fix> a wider pipe in the place of the narrowest of them
     */
    private static function wider(array $pipes, Workings $workings): array
    {
        if ([] === $pipes) {
            return [];
        }
        $narrowestMm = min(array_map(static fn (PlannedPipe $pipe): float => $pipe->tube->boreMm, $pipes));
        $ratingKpa = max(array_map(static fn (PlannedPipe $pipe): float => min(self::USUAL_RATING_KPA, $pipe->tube->make->ratingKpa), $pipes));
        $slim = array_values(array_filter($pipes, static fn (PlannedPipe $pipe): bool => $pipe->tube->boreMm <= $narrowestMm + self::ALIKE_MM));
        $does = static fn (StockPipe $stock): bool => $stock->tube->boreMm > $narrowestMm + self::WIDER_BY_MM
            && $stock->tube->make->foodGrade
            && $stock->tube->make->ratingKpa >= $ratingKpa
            && $stock->tube->make->ratingC >= self::LEAST_RATING_C;

        return LineFixes::over($workings)->otherPipe($slim, $does, 'line.fix.pipe-on-the-way');
    }

    /**
     * @param \Closure(float): bool $does by the most that a pump moves, in L/min
     *
     * @return list<Fix>
     */
    private static function otherPumps(PlannedPart $pump, \Closure $does, Workings $workings): array
    {
        return LineFixes::over($workings)->swaps(
            $pump,
            static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures && $does(self::mostLpm($stock->figures)),
        );
    }

    /** @return list<Fix> an outlet that lets less through, or a weaker pump */
    public static function less(PlannedPart $outlet, SolvedOutlet $solved, Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $fixes = LineFixes::over($workings);
        $found = $fixes->swaps(
            $outlet,
            static fn (StockPart $stock): bool => $stock->figures instanceof OutletFigures
                && $stock->figures->openLpm < $solved->figures->openLpm
                && $stock->figures->leastLpm === $solved->figures->leastLpm,
        );
        foreach (WaterPath::to($outlet, $line->alone($outlet), $line->graph)->parts() as $part) {
            if ($part->figures instanceof PumpFigures) {
                $lpm = self::mostLpm($part->figures);
                $weaker = self::otherPumps($part, static fn (float $otherLpm): bool => $otherLpm < $lpm, $workings);
                array_push($found, ...\array_slice($weaker, -1));
            }
        }

        return $found;
    }

    /** @return list<Fix> a freer filter of the same fineness, or the filter at the one tap for drinking */
    public static function filter(PlannedPart $filter, Workings $workings): array
    {
        $figures = $filter->figures;
        $isFreer = static fn (FilterFigures $other): bool => $figures instanceof FilterFigures
            && $other->wornKpa / $other->ratedLpm < $figures->wornKpa / $figures->ratedLpm;

        return [...self::toTap($filter, $workings), ...self::otherFilters($filter, $isFreer, $workings)];
    }

    /**
     * @param \Closure(FilterFigures): bool $does
     *
     * @return list<Fix> filters as fine, or nearly, and of carbon where it is of carbon
     */
    public static function otherFilters(PlannedPart $filter, \Closure $does, Workings $workings): array
    {
        $figures = $filter->figures;

        return $figures instanceof FilterFigures ? LineFixes::over($workings)->swaps(
            $filter,
            static fn (StockPart $stock): bool => $stock->figures instanceof FilterFigures
                && $stock->figures->finenessUm <= 2 * $figures->finenessUm
                && (true === $stock->figures->takesDisinfectant) === (true === $figures->takesDisinfectant)
                && $does($stock->figures),
        ) : [];
    }

    /** @return list<Fix> the filter at the one tap for drinking */
    public static function toTap(PlannedPart $filter, Workings $workings): array
    {
        $fixes = LineFixes::over($workings);
        $graph = $workings->of(LineWorkings::class)->graph;
        $moves = [];
        foreach ($graph->parts(PartKind::Tap, PartKind::MixerTap) as $tap) {
            if ($tap->figures instanceof OutletFigures && $tap->figures->leastLpm <= self::DRINKING_LPM) {
                $pipe = $graph->pipeAt($tap, PartKind::Tap === $tap->kind ? PartPort::In : PartPort::Cold)?->pipe;
                $label = new Phrase('line.fix.filter-to-tap', ['filter' => $filter->spoken(), 'tap' => $tap->spoken()]);
                array_push($moves, ...$fixes->moved($filter, $pipe, $label));
            }
        }

        return \array_slice($moves, 0, 1);
    }

    /** What an outlet would give without a part. */
    public static function without(PlannedPart $part, PlannedPart $outlet, Workings $workings): float
    {
        $line = $workings->with(LineDraft::of($workings->plan)->without($part)->plan())->of(LineWorkings::class);

        return $line->alone($outlet)->outlets[$outlet->id]->lpm;
    }

    private static function mostLpm(PumpFigures $figures): float
    {
        return max([0.0, ...array_column($figures->curve, 'lpm')]);
    }
}
