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
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Words\Phrase;

/** Changes that give an outlet more or less. */
final class FlowFixes
{
    /**
     * @param list<PlannedPart> $outlets
     *
     * @return list<Fix> a stronger pump, wider pipes up to the outlets, freer filters
     */
    public static function more(array $outlets, Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $fixes = LineFixes::over($workings);
        $filters = $pipes = $pumps = [];
        foreach ($outlets as $outlet) {
            $path = WaterPath::to($outlet, $line->alone($outlet), $line->graph);
            foreach ($path->pipes as $pipe) {
                $pipes[$pipe->index] = $pipe->pipe;
            }
            foreach ($path->parts() as $part) {
                if ($part->figures instanceof PumpFigures) {
                    $pumps[$part->id] = [$part, $part->figures];
                } elseif (PartKind::Filter === $part->kind) {
                    $filters[$part->id] = $part;
                }
            }
        }
        $found = array_merge([], ...array_map(static fn (PlannedPart $filter): array => self::filter($filter, $workings), array_values($filters)));
        $narrowest = [] === $pipes ? 0.0 : min(array_map(static fn (PlannedPipe $pipe): float => $pipe->tube->boreMm, $pipes));
        $slim = array_values(array_filter($pipes, static fn (PlannedPipe $pipe): bool => $pipe->tube->boreMm <= $narrowest + 3));
        $ratingKpa = max([0.0, ...array_map(static fn (PlannedPipe $pipe): float => min(600.0, $pipe->tube->make->ratingKpa), $pipes)]);
        $does = static fn (StockPipe $stock): bool => $stock->tube->boreMm > $narrowest + 2
            && $stock->tube->make->foodGrade
            && $stock->tube->make->ratingKpa >= $ratingKpa
            && $stock->tube->make->ratingC >= 40;
        $wider = $fixes->otherPipe($slim, $does, 'line.fix.pipe-on-the-way');
        foreach ($pumps as [$pump, $figures]) {
            array_push(
                $found,
                ...$fixes->swaps(
                    $pump,
                    static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures
                        && self::mostLpm($stock->figures) > self::mostLpm($figures),
                ),
            );
        }

        return [...$found, ...$wider];
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
            $figures = $part->figures;
            if ($figures instanceof PumpFigures) {
                array_push(
                    $found,
                    ...\array_slice(
                        $fixes->swaps(
                            $part,
                            static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures
                                && self::mostLpm($stock->figures) < self::mostLpm($figures),
                        ),
                        -1,
                    ),
                );
            }
        }

        return $found;
    }

    /** @return list<Fix> a freer filter of the same fineness, or the filter at the one tap for drinking */
    public static function filter(PlannedPart $filter, Workings $workings): array
    {
        $figures = $filter->figures;
        $fixes = LineFixes::over($workings);
        $freer = $figures instanceof FilterFigures ? $fixes->swaps(
            $filter,
            static fn (StockPart $stock): bool => $stock->figures instanceof FilterFigures
                && $stock->figures->finenessUm <= 2 * $figures->finenessUm
                && $stock->figures->wornKpa / $stock->figures->ratedLpm < $figures->wornKpa / $figures->ratedLpm,
        ) : [];
        $graph = $workings->of(LineWorkings::class)->graph;
        $taps = array_values(
            array_filter(
                $graph->parts(PartKind::Tap, PartKind::MixerTap),
                static fn (PlannedPart $part): bool => $part->figures instanceof OutletFigures && $part->figures->leastLpm <= 3,
            ),
        );
        $moves = [];
        foreach ($taps as $tap) {
            $pipe = $graph->pipeAt($tap, PartKind::Tap === $tap->kind ? PartPort::In : PartPort::Cold);
            array_push(
                $moves,
                ...$fixes->moved(
                    $filter,
                    $pipe?->pipe,
                    new Phrase('line.fix.filter-to-tap', ['filter' => $filter->spoken(), 'tap' => $tap->spoken()]),
                ),
            );
        }

        return [...\array_slice($moves, 0, 1), ...$freer];
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
