<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Catalogue\StockPipe;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** A part or a pipe to which water comes that is hotter than it is made for. */
final class TooHot implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $say = $workings->say;
        $findings = [];
        foreach ($line->graph->pipes as $pipe) {
            $c = max($line->warm->atC($pipe->from) ?? 0.0, $line->warm->atC($pipe->to) ?? 0.0);
            if ($c > $pipe->pipe->tube->make->ratingC) {
                $findings[] = new Finding(LineFinding::TooHot, [$pipe->pipe->id], new Measure($c, $pipe->pipe->tube->make->ratingC, '°C'), \sprintf('%s is too soft for hot water', ucfirst($pipe->words())), \sprintf('Water of %s comes through it, and it is made for %s.', $say->temperature($c), $say->temperature($pipe->pipe->tube->make->ratingC)), static fn (): array => LineFixes::over($workings)->otherPipe([$pipe->pipe], static fn (StockPipe $stock): bool => $stock->tube->make->ratingC >= $c && $stock->tube->make->foodGrade && $stock->tube->make->ratingKpa >= $pipe->pipe->tube->make->ratingKpa && $stock->tube->boreMm >= $pipe->pipe->tube->boreMm - 1, 'for the '.$pipe->words()));
            }
        }
        foreach ($line->graph->plan->line->parts as $part) {
            $c = max([0.0, ...array_map(static fn (PartPort $port): float => $line->warm->atC(new LineEnd($part, $port)) ?? 0.0, $part->kind->ports())]);
            if ($c > $part->make->ratingC) {
                $findings[] = new Finding(LineFinding::TooHot, [$part->id], new Measure($c, $part->make->ratingC, '°C'), \sprintf('%s is too soft for hot water', $part->name), \sprintf('Water of %s comes to it, and it is made for %s.', $say->temperature($c), $say->temperature($part->make->ratingC)), static fn (): array => LineFixes::over($workings)->swaps($part, static fn (StockPart $stock): bool => $stock->make->ratingC >= $c));
            }
        }

        return $findings;
    }
}
