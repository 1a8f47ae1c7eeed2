<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** Water that stands in a capped tail and never moves. */
final class Stagnant implements RuleWithThresholds
{
    private const HARMLESS_L = 0.05;

    public static function thresholds(): array
    {
        return ['stagnant' => Amount::little(self::HARMLESS_L)];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->parts(PartKind::Cap) as $cap) {
            $pipe = $graph->pipeAt($cap, PartPort::In);
            if (null === $pipe || $pipe->litres() <= self::HARMLESS_L) {
                continue;
            }
            $text = new SnagText('line.stagnant.title', 'line.stagnant.why', ['litres' => Amount::little($pipe->litres()), 'cap' => $cap->spoken()]);
            $findings[] = new Finding(
                LineFinding::Stagnant,
                [$cap->id],
                new Measure($pipe->litres(), self::HARMLESS_L, 'L'),
                $text,
                static fn (): array => LineFixes::over($workings)->takeOut($cap),
            );
        }

        return $findings;
    }
}
