<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\SnagText;

/** A part with an arrow that points to where the water comes from. */
final class Backwards implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->plan->line->parts as $part) {
            $hasArrow = $part->kind->isOneWay()
                || PartKind::Filter === $part->kind
                || PartKind::Strainer === $part->kind
                || PartKind::StorageHeater === $part->kind;
            if (!$hasArrow || !SourceSide::isBackwards($part, $graph)) {
                continue;
            }
            $text = new SnagText(
                'line.backwards.title',
                'line.backwards.why',
                ['part' => $part->spoken(), 'kind' => $part->kind->isPump() ? 'pump' : $part->kind->value],
            );
            $findings[] = new Finding(
                LineFinding::Backwards,
                [$part->id],
                new Measure(1.0, 0.0, ''),
                $text,
                static fn (): array => LineFixes::over($workings)->turn($part),
            );
        }

        return $findings;
    }
}
