<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** One wall, which corrodes unseen, between the coolant and the water. */
final class SingleWall implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->plan->line->parts as $index => $heater) {
            $figures = $heater->figures;
            if (!$figures instanceof HeaterFigures || true !== $figures->source?->isCoolant() || true === $figures->doubleWall) {
                continue;
            }
            $does = static fn (StockPart $stock): bool => $stock->figures instanceof HeaterFigures
                && true === $stock->figures->doubleWall
                && $stock->figures->source === $figures->source
                && $stock->figures->litres >= $figures->litres
                && $stock->figures->watts >= $figures->watts;
            $findings[] = new Finding(
                LineFinding::SingleWall,
                [$heater->id],
                new Measure(1.0, 2.0, ''),
                new SnagText('line.single-wall.title', 'line.single-wall.why', [
                    'heater' => $heater->spoken(),
                    'known' => null === $figures->doubleWall ? 'no' : 'yes',
                ]),
                static fn (): array => LineFixes::over($workings)->swaps($heater, $does),
                new LookAt('/line/parts/'.$index.'/figures/double_wall', new Phrase('line.single-wall.look')),
            );
        }

        return $findings;
    }
}
