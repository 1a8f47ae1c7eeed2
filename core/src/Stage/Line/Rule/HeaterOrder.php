<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\UsualFor;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LineEnd;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\Graph\Reach;
use YardCask\Core\Stage\Line\Graph\WrongJoints;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\WarmWater;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A storage heater needs a non-return valve upstream and something that takes up the expansion of its water. */
final class HeaterOrder implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->parts(PartKind::StorageHeater) as $heater) {
            $in = $heater->reversed ? PartPort::Out : PartPort::In;
            $pipe = $graph->pipeAt($heater, $in)?->pipe;
            if (!$heater->figures instanceof HeaterFigures || null === $pipe) {
                continue;
            }
            $closedBy = self::closedBy($heater, $graph);
            if (!self::isChecked($heater, $graph)) {
                $findings[] = self::unchecked($heater, self::coldPipe($heater, $in, $graph), $graph, $workings);
            }
            if (null !== $closedBy && !self::isRelieved($heater, $graph)) {
                $findings[] = self::closed($heater, $heater->figures, $closedBy, $pipe, $workings);
            }
        }

        return $findings;
    }

    private static function unchecked(PlannedPart $heater, ?PlannedPipe $cold, LineGraph $graph, Workings $workings): Finding
    {
        $text = new SnagText('line.heater-no-check.title', 'line.heater-no-check.why', ['heater' => $heater->spoken()]);
        $label = new Phrase('line.fix.check-heater', ['heater' => $heater->spoken()]);

        return new Finding(
            LineFinding::HeaterNoCheck,
            [$heater->id],
            new Measure(0.0, 1.0, ''),
            $text,
            static fn (): array => LineFixes::over($workings)->into($cold, UsualFor::HeaterNonReturn, $label),
            causes: (new WrongJoints($graph))->upstreamOf($heater),
        );
    }

    private static function closed(PlannedPart $heater, HeaterFigures $figures, PlannedPart $closedBy, PlannedPipe $pipe, Workings $workings): Finding
    {
        $expandsL = $figures->litres * (Water::density(WarmWater::COLD_C) / Water::density($figures->hotC) - 1);
        $text = new SnagText('line.heater-closed.title', 'line.heater-closed.why', [
            'heater' => $heater->spoken(),
            'hot' => Amount::temperature($figures->hotC),
            'litres' => Amount::litres($figures->litres),
            'expands' => Amount::little($expandsL),
            'closed' => $closedBy->spoken(),
        ]);
        $with = ['heater' => $heater->spoken()];

        return new Finding(LineFinding::HeaterClosed, [$heater->id], new Measure($expandsL, 0.0, 'L'), $text, static fn (): array => [
            ...LineFixes::over($workings)->into($pipe, UsualFor::HeaterRelief, new Phrase('line.fix.relief', $with)),
            ...LineFixes::over($workings)->into($pipe, UsualFor::HeaterExpansion, new Phrase('line.fix.expansion', $with)),
        ]);
    }

    /** The cold supply of a heater, upstream of the vessels and valves that belong to it. */
    private static function coldPipe(PlannedPart $heater, PartPort $in, LineGraph $graph): ?PlannedPipe
    {
        [$part, $port] = [$heater, $in];
        // More than there are parts it cannot pass without going round.
        for ($passed = 0; $passed <= \count($graph->plan->line->parts); ++$passed) {
            $end = $graph->beyond($part, $port);
            if (
                !$end?->owner instanceof PlannedPart
                || !\in_array($end->owner->kind, [PartKind::Accumulator, PartKind::Relief, PartKind::DrainValve, PartKind::BlowOutPort], true)
            ) {
                return $graph->pipeAt($part, $port)?->pipe;
            }
            [$part, $port] = [$end->owner, PartPort::In === $end->port ? PartPort::Out : PartPort::In];
        }

        return null;
    }

    /** Whether a non-return valve keeps its water from flowing back. A regulator by itself is not relied on. */
    private static function isChecked(PlannedPart $heater, LineGraph $graph): bool
    {
        return [] !== array_filter(
            self::side($heater, $graph, static fn (PlannedPart $part): bool => $part->kind->isOneWay() && PartKind::Regulator !== $part->kind),
            static fn (PlannedPart|PlannedTank $owner): bool => $owner instanceof PlannedPart && PartKind::NonReturn === $owner->kind,
        );
    }

    /** The first part before a heater that lets nothing back, a non-return valve before any other. */
    private static function closedBy(PlannedPart $heater, LineGraph $graph): ?PlannedPart
    {
        $first = null;
        foreach (self::side($heater, $graph, static fn (PlannedPart $part): bool => $part->kind->isOneWay()) as $owner) {
            if ($owner instanceof PlannedPart && $owner->kind->isOneWay()) {
                $first = null === $first || PartKind::NonReturn === $owner->kind ? $owner : $first;
            }
        }

        return $first;
    }

    /** Whether a vessel, a relief valve or an open tank takes up the expansion, with no valve in between that could be shut. */
    private static function isRelieved(PlannedPart $heater, LineGraph $graph): bool
    {
        return [] !== array_filter(
            self::side(
                $heater,
                $graph,
                static fn (PlannedPart $part): bool => $part->kind->isOneWay()
                    || PartKind::ShutOff === $part->kind
                    || PartKind::ThreeWayValve === $part->kind,
            ),
            static fn (PlannedPart|PlannedTank $owner): bool => $owner instanceof PlannedTank
                || PartKind::Accumulator === $owner->kind
                || PartKind::Relief === $owner->kind,
        );
    }

    /**
     * @param \Closure(PlannedPart): bool $ends what it does not go beyond; nor beyond outlets and mixing valves
     *
     * @return list<PlannedPart|PlannedTank> what stands on a heater’s side of that, that included, the nearest first
     */
    private static function side(PlannedPart $heater, LineGraph $graph, \Closure $ends): array
    {
        $stops = static fn (PlannedPart $part): bool => $part->kind->isOutlet() || PartKind::MixingValve === $part->kind || $ends($part);

        return array_map(
            static fn (LineEnd $end): PlannedPart|PlannedTank => $end->owner,
            Reach::from($heater, $heater->kind->ports(), $graph, $stops),
        );
    }
}
