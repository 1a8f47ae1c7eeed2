<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** Water that stands in a capped tail and never moves. */
final class Stagnant implements Rule
{
    private const HARMLESS_L = 0.05;

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->parts(PartKind::Cap) as $cap) {
            $pipe = $graph->pipeAt($cap, PartPort::In);
            if (null === $pipe || $pipe->litres() <= self::HARMLESS_L) {
                continue;
            }
            $findings[] = new Finding(LineFinding::Stagnant, [$cap->id], new Measure($pipe->litres(), self::HARMLESS_L, 'L'), \sprintf('%s stand before %s and never move', $workings->say->little($pipe->litres()), $cap->name), 'Water that never moves turns, and passes it on: cap a tail where it branches off, or take it out.', static fn (): array => LineFixes::over($workings)->takeOut($cap));
        }

        return $findings;
    }
}
