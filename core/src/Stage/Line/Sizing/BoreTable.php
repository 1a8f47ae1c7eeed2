<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\SentFix;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Pipe\PipeCalculator;
use YardCask\Core\Pipe\PipeInput;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** The pipes that hum or lose too much pressure at full flow, and the bore that would be enough. */
final class BoreTable
{
    /** Above this velocity pipes hum; below, the most that a metre of pipe should lose. Source: DIN 1988-300, for pipes in use for short times. */
    private const MOST_MPS = 2.0;
    private const MOST_KPA_PER_M = 6.0;
    private const MOST_TRIED = 6;

    /** @return list<SizingTable> none where every pipe is wide enough */
    public static function of(SizingWork $work): array
    {
        $wording = $work->wording;
        $open = [] === $work->wanted() ? $work->line->all() : $work->wanted();
        if ([] === $open) {
            return [];
        }
        $solved = $work->line->solve(new LineCase($open));
        $stocks = $work->stock->pipes();
        usort($stocks, static fn (StockPipe $a, StockPipe $b): int => [$a->tube->boreMm, $a->tube->make->price] <=> [$b->tube->boreMm, $b->tube->make->price]);
        $rows = [];
        foreach ($work->line->graph->pipes as $pipe) {
            $lpm = abs($solved->lpm($pipe));
            $fits = static fn (StockPipe $stock): bool => $stock->tube->make->foodGrade
                && $stock->tube->make->ratingKpa >= min(600.0, $pipe->pipe->tube->make->ratingKpa)
                && $stock->tube->make->ratingC >= min(60.0, $pipe->pipe->tube->make->ratingC)
                && self::carries($stock->tube->boreMm, $lpm);
            if ($lpm < 0.1 || self::carries($pipe->pipe->tube->boreMm, $lpm)) {
                continue;
            }
            $tried = self::tried($pipe, array_values(array_filter($stocks, $fits)), $work);
            if (null !== $tried) {
                $cells = [
                    $wording->flow($lpm),
                    $wording->velocity($pipe->velocityMps($lpm)),
                    $wording->pressure(self::kpaPerM($pipe->pipe->tube->boreMm, $lpm)),
                    $tried[0]->name,
                ];
                $rows[] = new SizingRow($wording->phrase($pipe->phrase()), $cells, true, false, false, $tried[1]);
            }
        }

        $wanted = $wording->text('line.sizing.bores', [
            'speed' => Amount::velocity(self::MOST_MPS),
            'loss' => Amount::pressure(self::MOST_KPA_PER_M),
            'together' => [] === $work->wanted() ? 'no' : 'yes',
        ]);
        $columns = $work->columns(['line.sizing.column.flow', 'line.sizing.column.speed', 'line.sizing.column.loss', 'line.sizing.column.smallest']);

        return [] === $rows ? [] : [new SizingTable('bores', $wording->text('line.sizing.bores.title'), $wanted, $columns, $rows)];
    }

    /**
     * @param list<StockPipe> $stocks the narrowest first
     *
     * @return array{StockPipe, SentFix}|null the first that harms nothing else in the plan, and what lays it
     */
    private static function tried(LinePipe $pipe, array $stocks, SizingWork $work): ?array
    {
        foreach (\array_slice($stocks, 0, self::MOST_TRIED) as $stock) {
            $draft = LineDraft::of($work->workings->plan)->withBore($pipe->pipe, $stock);
            $fix = new Fix(new Phrase('line.fix.pipe-for', ['stock' => $stock->name, 'pipe' => $pipe->phrase()]), $draft->patch());
            $tried = $work->trial->effect($fix);
            if (true === $tried?->isHarmless()) {
                return [$stock, $work->sent($fix, $tried)];
            }
        }

        return null;
    }

    private static function carries(float $boreMm, float $lpm): bool
    {
        return $lpm / 60000 / (\M_PI / 4 * ($boreMm / 1000) ** 2) <= self::MOST_MPS && self::kpaPerM($boreMm, $lpm) <= self::MOST_KPA_PER_M;
    }

    private static function kpaPerM(float $boreMm, float $lpm): float
    {
        return PipeCalculator::calculate(new PipeInput(1.0, $boreMm, $lpm))->frictionKpa;
    }
}
