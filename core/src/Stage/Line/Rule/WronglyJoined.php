<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\WrongJoints;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Ports with nothing at them, pipes that lead nowhere, and two pipes at one port. */
final class WronglyJoined implements RuleOfSections
{
    public static function sections(): array
    {
        return ['line_joints', 'tank_ends'];
    }

    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $fixes = static fn (): LineFixes => LineFixes::over($workings);
        $wrong = new WrongJoints($graph);
        $findings = [];
        foreach ($graph->plan->line->parts as $part) {
            $loose = $graph->loosePorts($part);
            if ($part->kind->mixes() && PartKind::MixingValve !== $part->kind) {
                // An open hot side is a finding of its own.
                $loose = array_values(array_filter($loose, static fn (PartPort $port): bool => PartPort::Hot !== $port));
            }
            if ([] !== $loose) {
                $text = new SnagText('line.port-loose.title', 'line.port-loose.why', [
                    'part' => $part->spoken(),
                    'ports' => array_map(static fn (PartPort $port): string => $port->word(), $loose),
                ]);
                $findings[] = new Finding(
                    LineFinding::PortLoose,
                    [$part->id],
                    new Measure((float) \count($loose), 0.0, ''),
                    $text,
                    static fn (): array => [...self::caps($part, $loose, $workings), ...$fixes()->takeOut($part)],
                    causes: $wrong->at($part, $loose),
                );
            }
        }
        foreach ($graph->lost as $index => $port) {
            $pipe = $graph->plan->line->pipes[$index];
            $text = new SnagText('line.pipe-lost.title', 'line.pipe-lost.why', ['pipe' => $pipe->name]);
            $findings[] = new Finding(
                LineFinding::PipeLost,
                [$pipe->id],
                new Measure(1.0, 0.0, ''),
                $text,
                static fn (): array => [self::removed($pipe, $workings)],
                causes: $wrong->missingWith($index),
            );
        }
        foreach ($graph->twice as $index => $port) {
            $pipe = $graph->plan->line->pipes[$index];
            $end = LineEnd::named($port, $graph->plan);
            $text = new SnagText('line.port-twice.title', 'line.port-twice.why', [
                'pipe' => $pipe->name,
                'part' => $end?->owner instanceof PlannedPart ? $end->owner->spoken() : $end?->owner->name,
                'port' => $end?->port->word(),
            ]);
            $findings[] = new Finding(
                LineFinding::PortTwice,
                [$pipe->id],
                new Measure(2.0, 1.0, ''),
                $text,
                static fn (): array => [self::removed($pipe, $workings)],
            );
        }

        return $findings;
    }

    private static function removed(PlannedPipe $pipe, Workings $workings): Fix
    {
        return new Fix(new Phrase('line.fix.remove', ['part' => $pipe->name]), LineDraft::of($workings->plan)->withoutPipes([$pipe])->patch());
    }

    /**
     * @param list<PartPort> $loose
     *
     * @return list<Fix> a cap on a branch of a tee that nobody needs yet
     */
    private static function caps(PlannedPart $part, array $loose, Workings $workings): array
    {
        $hose = $workings->stock->usualPipe(UsualFor::Hose);
        $cap = $workings->stock->usual(UsualFor::Cap, $hose?->tube);
        if (PartKind::Tee !== $part->kind || 1 !== \count($loose) || null === $cap || null === $hose) {
            return [];
        }

        return [
            new Fix(
                new Phrase('line.fix.cap', ['part' => $part->spoken()]),
                LineDraft::of($workings->plan)->after($part->port($loose[0]), $cap, $hose)->patch(),
            ),
        ];
    }
}
