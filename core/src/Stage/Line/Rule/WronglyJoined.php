<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;

/** Ports with nothing at them, pipes that lead nowhere, and two pipes at one port. */
final class WronglyJoined implements Rule
{
    public function check(Workings $workings): array
    {
        $graph = $workings->of(LineWorkings::class)->graph;
        $fixes = static fn (): LineFixes => LineFixes::over($workings);
        $findings = [];
        foreach ($graph->plan->line->parts as $part) {
            $loose = $graph->loosePorts($part);
            if ($part->kind->mixes() && PartKind::MixingValve !== $part->kind) {
                // An open hot side is a finding of its own.
                $loose = array_values(array_filter($loose, static fn (PartPort $port): bool => PartPort::Hot !== $port));
            }
            if ([] !== $loose) {
                $words = implode(' and ', array_map(static fn (PartPort $port): string => $port->word(), $loose));
                $findings[] = new Finding(LineFinding::PortLoose, [$part->id], new Measure((float) \count($loose), 0.0, ''), \sprintf('%s is not joined up', $part->name), \sprintf('Nothing is joined to its %s: water stops there, or runs out.', $words), static fn (): array => [...self::caps($part, $loose, $workings), ...$fixes()->takeOut($part)]);
            }
        }
        foreach ($graph->lost as $index => $port) {
            $pipe = $graph->plan->line->pipes[$index];
            $findings[] = new Finding(LineFinding::PipeLost, [$pipe->id], new Measure(1.0, 0.0, ''), \sprintf('%s leads nowhere', $pipe->name), \sprintf('It is joined to “%s”, and no part or tank has such a port. A port is a part and its end, for example “pump-1.out”.', $port), static fn (): array => [new Fix('Take '.$pipe->name.' out', LineDraft::of($workings->plan)->withoutPipes([$pipe])->patch())]);
        }
        foreach ($graph->twice as $index => $port) {
            $pipe = $graph->plan->line->pipes[$index];
            $findings[] = new Finding(LineFinding::PortTwice, [$pipe->id], new Measure(2.0, 1.0, ''), \sprintf('%s is joined where another pipe is', $pipe->name), \sprintf('Two pipes are joined to “%s”; a tee has room for both. This one is left out of the sums.', $port), static fn (): array => [new Fix('Take '.$pipe->name.' out', LineDraft::of($workings->plan)->withoutPipes([$pipe])->patch())]);
        }

        return $findings;
    }

    /**
     * @param list<PartPort> $loose
     *
     * @return list<Fix> a cap on a branch of a tee that nobody needs yet
     */
    private static function caps(PlannedPart $part, array $loose, Workings $workings): array
    {
        $cap = LineFixes::over($workings)->first(['cap-12']);
        $hose = $workings->stock->pipe('hose-braided-12');
        if (PartKind::Tee !== $part->kind || 1 !== \count($loose) || null === $cap || null === $hose) {
            return [];
        }

        return [new Fix(\sprintf('Cap the free branch of %s', $part->name), LineDraft::of($workings->plan)->after($part->port($loose[0]), $cap, $hose)->patch())];
    }
}
