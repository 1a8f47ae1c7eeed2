<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** A part with an arrow that points to where the water comes from. */
final class Backwards implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->plan->line->parts as $part) {
            $hasArrow = $part->kind->isOneWay() || PartKind::Filter === $part->kind || PartKind::Strainer === $part->kind || PartKind::StorageHeater === $part->kind;
            if (!$hasArrow || !SourceSide::isBackwards($part, $graph)) {
                continue;
            }
            $why = match (true) {
                $part->kind->isPump() => 'It draws from the taps and presses into the tank: nothing comes, and air goes in.',
                PartKind::Filter === $part->kind => 'Water comes in where it should leave: what it has caught is washed into the line.',
                PartKind::Strainer === $part->kind => 'What it should catch lies on the wrong side of its mesh, and nobody can clean it.',
                PartKind::StorageHeater === $part->kind => 'Cold water comes in at the top and hot leaves at the bottom: it mixes, and runs lukewarm.',
                default => 'It lets nothing through towards the taps.',
            };
            $findings[] = new Finding(LineFinding::Backwards, [$part->id], new Measure(1.0, 0.0, ''), \sprintf('%s is the wrong way round', $part->name), $why, static fn (): array => LineFixes::over($workings)->turn($part));
        }

        return $findings;
    }
}
