<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A pump of which the curve cannot be one. */
final class CurveRises implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(LineWorkings::class)->graph->pumps as $pump) {
            if ($pump->figures instanceof PumpFigures && null === $pump->figures->pairs()) {
                $text = new SnagText('line.curve-rises.title', 'line.curve-rises.why', [
                    'pump' => $pump->spoken(),
                    'none' => Amount::flow(0.0),
                    'high' => Amount::pressure(330.0),
                    'more' => Amount::flow(7.0),
                    'low' => Amount::pressure(40.0),
                ]);
                $fixes = LineFixes::over($workings);
                $findings[] = new Finding(LineFinding::CurveRises, [$pump->id], new Measure(1.0, 0.0, ''), $text, static fn (): array => [
                    ...$fixes->asInCatalogue($pump),
                    ...$fixes->swaps($pump, static fn (): bool => true),
                ]);
            }
        }

        return $findings;
    }
}
