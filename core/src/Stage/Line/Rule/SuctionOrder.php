<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\SourceSide;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Before a pump stand a valve and a strainer, and nothing that belongs behind it. */
final class SuctionOrder implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->pumps as $pump) {
            if (PartKind::SubmersiblePump === $pump->kind || SourceSide::isBackwards($pump, $graph)) {
                continue;
            }
            $in = $pump->entersAt();
            $before = SourceSide::partsBefore($pump, $in, $graph);
            $has = static fn (PartKind $kind): ?PlannedPart => array_values(
                array_filter($before, static fn (PlannedPart $part): bool => $kind === $part->kind),
            )[0] ?? null;
            $behind = $graph->pipeAt($pump, $pump->leavesAt())?->pipe;
            $pipe = $graph->pipeAt($pump, $in)?->pipe;
            if (null === $has(PartKind::Strainer) && !$pump->kind->isByHand() && null !== $pipe) {
                $text = new SnagText('line.strainer-missing.title', 'line.strainer-missing.why', ['pump' => $pump->spoken()]);
                $label = new Phrase('line.fix.strainer', ['pump' => $pump->spoken()]);
                $findings[] = new Finding(
                    LineFinding::StrainerMissing,
                    [$pump->id],
                    new Measure(0.0, 1.0, ''),
                    $text,
                    static fn (): array => LineFixes::over($workings)->into($pipe, UsualFor::Strainer, $label),
                );
            }
            $filter = $has(PartKind::Filter);
            if (null !== $filter) {
                $text = new SnagText('line.filter-upstream.title', 'line.filter-upstream.why', ['filter' => $filter->spoken(), 'pump' => $pump->spoken()]);
                $label = new Phrase('line.fix.move-downstream', ['part' => $filter->spoken(), 'of' => $pump->spoken()]);
                $findings[] = new Finding(
                    LineFinding::FilterUpstream,
                    [$filter->id],
                    new Measure(1.0, 0.0, ''),
                    $text,
                    static fn (): array => LineFixes::over($workings)->moved($filter, $behind, $label),
                );
            }
            $vessel = $has(PartKind::Accumulator);
            if (null !== $vessel) {
                $text = new SnagText(
                    'line.accumulator-upstream.title',
                    'line.accumulator-upstream.why',
                    ['vessel' => $vessel->spoken(), 'pump' => $pump->spoken()],
                );
                $label = new Phrase('line.fix.move-downstream', ['part' => $vessel->spoken(), 'of' => $pump->spoken()]);
                $findings[] = new Finding(
                    LineFinding::AccumulatorUpstream,
                    [$vessel->id],
                    new Measure(1.0, 0.0, ''),
                    $text,
                    static fn (): array => LineFixes::over($workings)->moved($vessel, $behind, $label),
                );
            }
        }

        return $findings;
    }
}
