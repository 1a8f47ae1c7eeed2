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

/** A pump of which the curve cannot be one. */
final class CurveRises implements Rule
{
    public function check(Workings $workings): array
    {
        $say = $workings->say;
        $findings = [];
        foreach ($workings->of(LineWorkings::class)->graph->pumps as $pump) {
            if ($pump->figures instanceof PumpFigures && null === $pump->figures->pairs()) {
                $findings[] = new Finding(LineFinding::CurveRises, [$pump->id], new Measure(1.0, 0.0, ''), \sprintf('The curve of %s does not fall', $pump->name), \sprintf('A curve begins at no flow with its highest pressure, and each further point has more flow and less pressure, for example %s at %s, then %s at %s. The pump is left out of the sums until then.', $say->flow(0.0), $say->pressure(330.0), $say->flow(7.0), $say->pressure(40.0)), static fn (): array => [...LineFixes::over($workings)->asInCatalogue($pump), ...LineFixes::over($workings)->swaps($pump, static fn (): bool => true)]);
            }
        }

        return $findings;
    }
}
