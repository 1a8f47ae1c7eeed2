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
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A part or a pipe to which water comes that is hotter than it is made for. */
final class TooHot implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $findings = [];
        foreach ($line->graph->pipes as $pipe) {
            $c = max($line->warm->atC($pipe->from) ?? 0.0, $line->warm->atC($pipe->to) ?? 0.0);
            if ($c > $pipe->pipe->tube->make->ratingC) {
                $make = $pipe->pipe->tube->make;
                $text = new SnagText(
                    'line.too-hot.title',
                    'line.too-hot.why',
                    ['part' => $pipe->phrase(), 'hot' => Amount::temperature($c), 'hot_rated' => Amount::temperature($make->ratingC)],
                );
                $does = static fn (StockPipe $stock): bool => $stock->tube->make->ratingC >= $c
                    && $stock->tube->make->foodGrade
                    && $stock->tube->make->ratingKpa >= $make->ratingKpa
                    && $stock->tube->boreMm >= $pipe->pipe->tube->boreMm - 1;
                $findings[] = new Finding(
                    LineFinding::TooHot,
                    [$pipe->pipe->id],
                    new Measure($c, $make->ratingC, '°C'),
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
            $c = max([0.0, ...array_map(static fn (PartPort $port): float => $line->warm->atC(new LineEnd($part, $port)) ?? 0.0, $part->kind->ports())]);
            if ($c > $part->make->ratingC) {
                $text = new SnagText(
                    'line.too-hot.title',
                    'line.too-hot.why',
                    ['part' => $part->spoken(), 'hot' => Amount::temperature($c), 'hot_rated' => Amount::temperature($part->make->ratingC)],
                );
                $findings[] = new Finding(
                    LineFinding::TooHot,
                    [$part->id],
                    new Measure($c, $part->make->ratingC, '°C'),
                    $text,
                    static fn (): array => LineFixes::over($workings)->swaps(
                        $part,
                        static fn (StockPart $stock): bool => $stock->make->ratingC >= $c,
                    ),
                );
            }
        }

        return $findings;
    }
}
