<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** Water for drinking or cooking that passes what is not made for it. */
final class NotForDrinking implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->pipes as $pipe) {
            if (!$pipe->pipe->tube->make->foodGrade) {
                $findings[] = new Finding(LineFinding::NotForDrinking, [$pipe->pipe->id], new Measure(1.0, 0.0, ''), \sprintf('%s is not made for drinking water', ucfirst($pipe->words())), 'It gives off taste and worse; which materials may touch drinking water your local rules say.', static fn (): array => LineFixes::over($workings)->otherPipe([$pipe->pipe], static fn (StockPipe $stock): bool => $stock->tube->make->foodGrade && $stock->tube->make->ratingKpa >= $pipe->pipe->tube->make->ratingKpa && $stock->tube->boreMm >= $pipe->pipe->tube->boreMm - 1 && $stock->tube->make->ratingC >= $pipe->pipe->tube->make->ratingC, 'for the '.$pipe->words()));
            }
        }
        foreach ($line->graph->plan->line->parts as $part) {
            if (!$part->make->foodGrade) {
                $findings[] = new Finding(LineFinding::NotForDrinking, [$part->id], new Measure(1.0, 0.0, ''), \sprintf('%s is not made for drinking water', $part->name), 'It gives off taste and worse; which materials may touch drinking water your local rules say.', static fn (): array => LineFixes::over($workings)->swaps($part, static fn (StockPart $stock): bool => $stock->make->foodGrade));
            }
        }

        return $findings;
    }
}
