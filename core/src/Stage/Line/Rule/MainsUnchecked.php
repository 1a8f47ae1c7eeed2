<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\InletPath;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A mains inlet without a check valve of its own before the first branch: water of the rig can be drawn back into the mains. */
final class MainsUnchecked implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->parts(PartKind::MainsInlet) as $inlet) {
            $path = InletPath::from(new LineEnd($inlet, PartPort::Out), $graph);
            $checks = array_filter(
                $path,
                static fn (LineEnd $end): bool => $end->owner instanceof PlannedPart && $end->owner->kind->isCheck() && $end->port === $end->owner->entersAt(),
            );
            if ([] === $path || [] !== $checks) {
                continue;
            }
            $pipe = $graph->pipeAt($inlet, PartPort::Out)?->pipe;
            $label = new Phrase('line.fix.mains-check', ['part' => $inlet->spoken()]);
            $findings[] = new Finding(
                LineFinding::MainsUnchecked,
                [$inlet->id],
                new Measure(0.0, 1.0, ''),
                new SnagText('line.mains-unchecked.title', 'line.mains-unchecked.why', ['inlet' => $inlet->spoken()]),
                static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::MainsCheck, $label),
                // One that is there and turned round is a snag of its own.
                causes: array_map(static fn (LineEnd $end): string => LineFinding::Backwards->keyOf([$end->owner->id]), $path),
            );
        }

        return $findings;
    }
}
