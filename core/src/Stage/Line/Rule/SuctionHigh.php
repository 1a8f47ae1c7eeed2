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
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\Suction;
use YardCask\Core\Stage\Line\Solve\WaterPath;

/** A pump that has to pull more than it can. */
final class SuctionHigh implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $say = $workings->say;
        $findings = [];
        foreach ($line->graph->pumps as $pump) {
            $suction = Suction::of($pump, $line);
            if (null === $suction) {
                continue;
            }
            $figures = $suction->pump->figures;
            $isDry = $suction->dryM > $figures->dryLiftM;
            if (!$isDry && $suction->pullKpa <= $suction->canPullKpa()) {
                continue;
            }
            $findings[] = new Finding(
                LineFinding::SuctionHigh,
                [$pump->id],
                $isDry ? new Measure($suction->dryM, $figures->dryLiftM, 'm') : new Measure($suction->pullKpa, $suction->canPullKpa(), 'kPa'),
                $isDry ? \sprintf('%s cannot lift the first water', $pump->name) : \sprintf('%s has to pull too hard', $pump->name),
                $isDry ? \sprintf('Over %s of hose it has to lift it by %s; dry it lifts %s.', $say->metres($suction->lengthM), $say->metres($suction->dryM), $say->metres($figures->dryLiftM)) : \sprintf('Over %s of hose and %s up it would pull %s, and can pull %s: it draws air and rattles.', $say->metres($suction->lengthM), $say->metres(max(0.0, $suction->dryM)), $say->pressure($suction->pullKpa), $say->pressure($suction->canPullKpa())),
                static fn (): array => self::ways($suction, $line, $workings),
            );
        }

        return $findings;
    }

    /** @return list<Fix> the pump beside its tank, a wider hose up to it, or one that pulls harder */
    private static function ways(Suction $suction, LineWorkings $line, Workings $workings): array
    {
        $pump = $suction->pump->part;
        $path = WaterPath::to($pump, $line->solve(new LineCase($line->all(), fill: LineCase::NEARLY_EMPTY)), $line->graph);
        $tank = $path->beginsAt()?->owner;
        $fixes = LineFixes::over($workings);
        $low = null === $tank ? [] : [new Fix(\sprintf('%s down beside %s', $pump->name, $tank->name), LineDraft::of($workings->plan)->changed($pump, ['zM' => max(0.0, round($tank->zM, 3))])->patch())];
        $wider = $fixes->otherPipe(array_map(static fn (LinePipe $pipe): PlannedPipe => $pipe->pipe, $path->pipes), static fn (StockPipe $stock): bool => $stock->tube->boreMm > max([0.0, ...array_map(static fn (LinePipe $pipe): float => $pipe->pipe->tube->boreMm, $path->pipes)]) && $stock->tube->make->foodGrade, 'up to '.$pump->name);
        $stronger = $fixes->swaps($pump, static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures && $stock->figures->dryLiftM >= $suction->dryM && $stock->figures->primedLiftM > $suction->pump->figures->primedLiftM);

        return [...$low, ...$wider, ...$stronger];
    }
}
