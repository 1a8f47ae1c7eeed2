<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Drawing;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Graph\LinePipe;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** What the line still guesses: where parts are, then how long pipes are. */
final class LineGuesses
{
    private const MOST_NAMED = 6;

    /** @return list<Phrase> the longest pipe first */
    public static function of(Workings $workings): array
    {
        $pipes = $workings->of(LineWorkings::class)->graph->pipes;
        $guessed = array_values(array_filter($pipes, static fn (LinePipe $pipe): bool => $pipe->isGuessed()));
        usort($guessed, static fn (LinePipe $a, LinePipe $b): int => $b->lengthM <=> $a->lengthM);
        $lengths = array_map(static fn (LinePipe $pipe): Phrase => new Phrase('line.to-measure', [
            'pipe' => $pipe->pipe->name,
            'from' => $pipe->from->spoken(),
            'to' => $pipe->to->spoken(),
            'length' => Amount::distance($pipe->lengthM),
        ]), $guessed);

        return [...self::places($workings), ...$lengths];
    }

    /** @return list<Phrase> how many parts have no place, and what they are not checked against */
    private static function places(Workings $workings): array
    {
        $plan = $workings->plan;
        $isPlaced = static fn (PlannedPart $part): bool => null !== $part->xM && null !== $part->yM;
        $count = \count($plan->line->parts) - \count(array_filter($plan->line->parts, $isPlaced));
        $things = array_column(InTheWay::all($plan), 'name');
        $with = ['parts' => $count, 'things' => \array_slice($things, 0, self::MOST_NAMED), 'any' => [] === $things ? 'no' : 'yes'];

        return 0 === $count ? [] : [new Phrase('line.to-place', $with)];
    }
}
