<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Sizing;

use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\LineCase;
use YardCask\Core\Stage\Line\Solve\PumpStarts;
use YardCask\Core\Stage\Line\Solve\SolvedOutlet;

/** Every pump in the catalogue that could replace one. */
final class PumpTable
{
    /** @return list<SizingTable> none for a pump without figures */
    public static function of(PlannedPart $pump, SizingWork $work): array
    {
        $wording = $work->wording;
        if (!$pump->figures instanceof PumpFigures || [] === $work->line->graph->outlets) {
            return [];
        }
        $volts = $pump->figures->volts;
        $kinds = match ($pump->kind) {
            PartKind::FootPump, PartKind::HandPump => [PartKind::FootPump, PartKind::HandPump],
            PartKind::SubmersiblePump, PartKind::TransferPump => [$pump->kind],
            default => [PartKind::PressurePump, PartKind::BypassPump, PartKind::VariablePump],
        };
        $rows = [];
        foreach ($work->stock->parts(...$kinds) as $stock) {
            if (!$stock->figures instanceof PumpFigures || $stock->figures->volts !== $volts) {
                continue;
            }
            $draft = LineDraft::of($work->workings->plan)->swapped($pump, $stock);
            $line = $work->workings->with($draft->plan())->of(LineWorkings::class);
            $worst = $line->worst();
            $wanted = $work->wanted();
            $together = $line->solve(new LineCase([] === $wanted ? $line->all() : $wanted));
            $least = self::least($together->outlets);
            $working = $together->pumps[$pump->id] ?? null;
            $does = null !== $worst
                && $worst->isEnough()
                && ([] === $wanted || null === $line->weakTogether())
                && !self::isAnyWasteful($line);
            $amps = $working?->amps();
            $starts = PumpStarts::of($line->graph->plan->line->part($pump->id) ?? $pump, $line)?->result->cyclesPerHour;
            $rows[] = new SizingCandidate($stock->make->price, $wording->catalogueName($stock->name), [
                null === $worst ? '' : $worst->part->name.' '.$wording->flow($worst->lpm),
                null === $least ? '' : $least->part->name.' '.$wording->flow($least->lpm),
                null === $amps ? '' : number_format($amps, 1).' A',
                null === $stock->figures->noiseDb ? '' : round($stock->figures->noiseDb).' dB',
                null === $starts ? '' : (string) min(PumpStarts::MOST_STARTS, round($starts)),
                (string) round($stock->make->price),
            ], $does, $stock->id === $pump->stock ? null : SizingWork::replacing($stock, $pump, $draft));
        }
        $isTogether = [] === $work->wanted() ? 'no' : 'yes';
        $columns = $work->columns(
            [
                'line.sizing.column.worst',
                'line.sizing.column.together',
                'line.sizing.column.current',
                'line.sizing.column.noise',
                'line.sizing.column.starts',
                'line.sizing.column.price',
            ],
            ['together' => $isTogether],
        );

        $wanted = $wording->text('line.sizing.pump', ['together' => $isTogether]);

        return [SizingTable::cheapestFirst('pump-'.$pump->id, $pump->name, $wanted, $columns, $rows, $work)];
    }

    /** Whether an outlet gives more than is of use, alone. */
    private static function isAnyWasteful(LineWorkings $line): bool
    {
        foreach ($line->graph->outlets as $part) {
            if ($line->alone($part)->outlets[$part->id]->isWasteful()) {
                return true;
            }
        }

        return false;
    }

    /** @param array<string, SolvedOutlet> $outlets */
    private static function least(array $outlets): ?SolvedOutlet
    {
        $least = null;
        foreach ($outlets as $one) {
            if (null === $least || $one->lpm / $one->figures->leastLpm < $least->lpm / $least->figures->leastLpm) {
                $least = $one;
            }
        }

        return $least;
    }
}
