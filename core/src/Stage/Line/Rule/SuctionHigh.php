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
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\Suction;
use YardCask\Core\Stage\Line\Solve\WaterPath;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A pump that has to pull more than it can. */
final class SuctionHigh implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
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
                new SnagText(
                    $isDry ? 'line.suction-high.title.dry' : 'line.suction-high.title',
                    $isDry ? 'line.suction-high.why.dry' : 'line.suction-high.why',
                    [
                        'pump' => $pump->spoken(),
                        'hose' => Amount::distance($suction->lengthM),
                        'lifts' => $suction->dryM > 0.0005 ? 'yes' : 'no',
                        'lift' => Amount::distance(max(0.0, $suction->dryM)),
                        'lift_rated' => Amount::distance($figures->dryLiftM),
                        'pull' => Amount::pressure($suction->pullKpa),
                        'pull_rated' => Amount::pressure($suction->canPullKpa()),
                    ],
                ),
                static fn (): array => self::ways($suction, $line, $workings),
            );
        }

        return $findings;
    }

    /** @return list<Fix> the pump beside its tank, its hose led lower, a wider hose up to it, or one that pulls harder */
    private static function ways(Suction $suction, LineWorkings $line, Workings $workings): array
    {
        $pump = $suction->pump->part;
        $path = WaterPath::to($pump, $line->solve(new LineCase($line->all(), fill: LineCase::NEARLY_EMPTY)), $line->graph);
        $tank = $path->beginsAt()?->owner;
        $fixes = LineFixes::over($workings);
        $beside = null === $tank ? null : LineDraft::of($workings->plan)->changed($pump, ['zM' => max(0.0, round($tank->zM, 3))]);
        $low = null === $beside ? [] : [new Fix(new Phrase('line.fix.pump-beside', ['pump' => $pump->spoken(), 'tank' => $tank->name]), $beside->patch())];
        $widestMm = max([0.0, ...array_map(static fn (LinePipe $pipe): float => $pipe->pipe->tube->boreMm, $path->pipes)]);
        $pipes = array_map(static fn (LinePipe $pipe): PlannedPipe => $pipe->pipe, $path->pipes);
        $does = static fn (StockPipe $stock): bool => $stock->tube->boreMm > $widestMm && $stock->tube->make->foodGrade;
        $wider = $fixes->otherPipe($pipes, $does, 'line.fix.suction-pipe', ['pump' => $pump->spoken()]);
        $stronger = $fixes->swaps(
            $pump,
            static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures
                && $stock->figures->dryLiftM >= $suction->dryM
                && $stock->figures->primedLiftM > $suction->pump->figures->primedLiftM,
        );

        return [...$low, ...self::lower($suction, $path), ...$wider, ...$stronger];
    }

    /** @return list<Fix> where a hose goes higher than the pump can lift dry, its points as high as that */
    private static function lower(Suction $suction, WaterPath $path): array
    {
        $mostM = floor(100 * ($suction->levelM + $suction->pump->figures->dryLiftM)) / 100;
        $patches = [];
        foreach ($path->pipes as $pipe) {
            foreach ($pipe->pipe->points as $index => $point) {
                if ($point->zM > $mostM && $mostM >= 0) {
                    $patches[] = PlanPatch::replace('/line/pipes/'.$pipe->index.'/points/'.$index.'/z_m', $mostM);
                }
            }
        }
        $label = new Phrase('line.fix.suction-lower', ['pump' => $suction->pump->part->spoken(), 'height' => Amount::metres($mostM)]);

        return [] === $patches ? [] : [new Fix($label, PlanPatch::all($patches))];
    }
}
