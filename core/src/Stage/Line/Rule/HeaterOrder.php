<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Pipe\Water;
use YardCask\Core\Plan\Line\HeaterFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\Graph\LineGraph;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Solve\WarmWater;

/** Before a storage heater stands a non-return valve, and on its side something that takes what the water grows by. */
final class HeaterOrder implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $findings = [];
        foreach ($graph->parts(PartKind::StorageHeater) as $heater) {
            $figures = $heater->figures;
            $in = $heater->reversed ? PartPort::Out : PartPort::In;
            $pipe = $graph->pipeAt($heater, $in)?->pipe;
            if (!$figures instanceof HeaterFigures || null === $pipe) {
                continue;
            }
            [$closedBy, $isRelieved] = self::side($heater, $in, $graph);
            if (null === $closedBy || PartKind::NonReturn !== $closedBy->kind) {
                $findings[] = new Finding(LineFinding::HeaterNoCheck, [$heater->id], new Measure(0.0, 1.0, ''), \sprintf('Nothing holds the hot water of %s back', $heater->name), 'Without a non-return valve before it, hot water creeps back into the cold pipe while nobody draws, and runs out of the heater when the pump rests.', static fn (): array => LineFixes::over($workings)->into(self::coldPipe($heater, $in, $graph), ['non-return-half'], 'before '.$heater->name));
            }
            if (null !== $closedBy && !$isRelieved) {
                $growsL = $figures->litres * (Water::density(WarmWater::COLD_C) / Water::density($figures->hotC) - 1);
                $findings[] = new Finding(LineFinding::HeaterClosed, [$heater->id], new Measure($growsL, 0.0, 'L'), \sprintf('The hot water of %s has nowhere to grow', $heater->name), \sprintf('Heated to %s its %s take %s more, and %s lets nothing back: something bursts. A vessel or a relief valve, led outside, belongs between the two. Hot water under pressure is judged by a licensed person, under your local rules.', $workings->say->temperature($figures->hotC), $workings->say->litres($figures->litres), $workings->say->little($growsL), $closedBy->name), static fn (): array => [...LineFixes::over($workings)->into($pipe, ['relief-400', 'relief-600'], 'before '.$heater->name), ...LineFixes::over($workings)->into($pipe, ['expansion-2'], 'before '.$heater->name)]);
            }
        }

        return $findings;
    }

    /** The pipe by which cold water comes to a heater and to the vessels and valves that stand on its side. */
    private static function coldPipe(PlannedPart $heater, PartPort $in, LineGraph $graph): ?PlannedPipe
    {
        [$part, $port] = [$heater, $in];
        // More than there are parts it cannot pass without going round.
        for ($passed = 0; $passed <= \count($graph->plan->line->parts); ++$passed) {
            $end = $graph->beyond($part, $port);
            if (!$end?->owner instanceof PlannedPart || !\in_array($end->owner->kind, [PartKind::Accumulator, PartKind::Relief, PartKind::DrainValve, PartKind::BlowOutPort], true)) {
                return $graph->pipeAt($part, $port)?->pipe;
            }
            [$part, $port] = [$end->owner, PartPort::In === $end->port ? PartPort::Out : PartPort::In];
        }

        return null;
    }

    /** @return array{PlannedPart|null, bool} the first part before a heater that lets nothing back, and whether a vessel or a relief stands on its side */
    private static function side(PlannedPart $heater, PartPort $in, LineGraph $graph): array
    {
        $closedBy = null;
        $isRelieved = false;
        $seen = [$heater->id => true];
        $queue = array_map(static fn (PartPort $port): array => [$heater, $port], $heater->kind->ports());
        while ([] !== $queue) {
            [$part, $port] = array_shift($queue);
            $next = $graph->beyond($part, $port)?->owner;
            if (!$next instanceof PlannedPart || isset($seen[$next->id])) {
                $isRelieved = $isRelieved || $next instanceof PlannedTank;
                continue;
            }
            $seen[$next->id] = true;
            if ($next->kind->isOneWay()) {
                $closedBy = null === $closedBy || PartKind::NonReturn === $next->kind ? $next : $closedBy;
                continue;
            }
            if ($next->kind->isOutlet() || PartKind::MixingValve === $next->kind) {
                continue;
            }
            $isRelieved = $isRelieved || PartKind::Accumulator === $next->kind || PartKind::Relief === $next->kind;
            foreach ($next->kind->ports() as $other) {
                $queue[] = [$next, $other];
            }
        }

        return [$closedBy, $isRelieved];
    }
}
