<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
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
use YardCask\Core\Words\SnagText;

/** Water for drinking or cooking that passes what is not made for it. */
final class NotForDrinking implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->pipes as $pipe) {
            if (!$pipe->pipe->tube->make->foodGrade && !self::isTail($pipe)) {
                $text = new SnagText('line.not-for-drinking.title', 'line.not-for-drinking.why', ['part' => $pipe->phrase()]);
                $make = $pipe->pipe->tube->make;
                $does = static fn (StockPipe $stock): bool => $stock->tube->make->foodGrade
                    && $stock->tube->make->ratingKpa >= $make->ratingKpa
                    && $stock->tube->make->ratingC >= $make->ratingC
                    && $stock->tube->boreMm >= $pipe->pipe->tube->boreMm - 1;
                $findings[] = new Finding(
                    LineFinding::NotForDrinking,
                    [$pipe->pipe->id],
                    new Measure(1.0, 0.0, ''),
                    $text,
                    static fn (): array => LineFixes::over($workings)->otherPipe(
                        [$pipe->pipe],
                        $does,
                        'line.fix.pipe-for',
                        ['pipe' => $pipe->phrase()],
                    ),
                );
            }
        }
        foreach ($line->graph->plan->line->parts as $part) {
            if (!$part->make->foodGrade) {
                $text = new SnagText('line.not-for-drinking.title', 'line.not-for-drinking.why', ['part' => $part->spoken()]);
                $findings[] = new Finding(
                    LineFinding::NotForDrinking,
                    [$part->id],
                    new Measure(1.0, 0.0, ''),
                    $text,
                    static fn (): array => LineFixes::over($workings)->swaps($part, static fn (StockPart $stock): bool => $stock->make->foodGrade),
                );
            }
        }

        return $findings;
    }

    /** The hose of an outside point, with which boots are washed. */
    private static function isTail(LinePipe $pipe): bool
    {
        foreach ([$pipe->from, $pipe->to] as $end) {
            if ($end->owner instanceof PlannedPart && PartKind::OutsidePoint === $end->owner->kind) {
                return true;
            }
        }

        return false;
    }
}
