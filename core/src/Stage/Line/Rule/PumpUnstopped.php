<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\StockPart;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;
use YardCask\Core\Stage\Line\Edit\LineDraft;
use YardCask\Core\Stage\Line\Edit\LineFixes;
use YardCask\Core\Stage\Line\LineFinding;
use YardCask\Core\Stage\Line\LineWorkings;
use YardCask\Core\Stage\Line\Mode\LineMode;

/** A motor that nothing stops when the taps are shut: no switch at its pressure, and taps that have none of their own. */
final class PumpUnstopped implements Rule
{
    public function check(Workings $workings): array
    {
        $line = $workings->of(LineWorkings::class);
        $ways = $line->modes()->ways();
        $findings = [];
        foreach ($line->graph->pumps as $pump) {
            if ($pump->kind->isByHand() || !$pump->figures instanceof PumpFigures || null !== $pump->figures->cutOutKpa || !$ways->runs($pump, LineMode::Use)) {
                continue;
            }
            $behind = $ways->outletsBehind($pump);
            $plain = array_values(array_filter($line->graph->outlets, static fn (PlannedPart $outlet): bool => PartKind::SwitchedTap !== $outlet->kind && \in_array($outlet->id, $behind, true)));
            if ([] !== $plain) {
                $names = implode(' and ', array_column(\array_slice($plain, 0, 2), 'name')).(\count($plain) > 2 ? ' and others' : '');
                $findings[] = new Finding(
                    LineFinding::PumpUnstopped,
                    [$pump->id],
                    new Measure((float) \count($plain), 0.0, ''),
                    \sprintf('%s runs on against shut taps', $pump->name),
                    \sprintf('It has no switch of its own, and %s %s it neither on nor off: left running, it heats what it cannot move and presses on every joint.', $names, 1 === \count($plain) ? 'turns' : 'turn'),
                    static fn (): array => self::stopped($pump, $plain, $workings),
                );
            }
        }

        return $findings;
    }

    /**
     * @param non-empty-list<PlannedPart> $plain
     *
     * @return list<Fix> taps that switch it, or a pump with a switch of its own
     */
    private static function stopped(PlannedPart $pump, array $plain, Workings $workings): array
    {
        $fixes = [];
        $taps = array_filter($plain, static fn (PlannedPart $outlet): bool => PartKind::Tap === $outlet->kind);
        $switched = $workings->stock->parts(PartKind::SwitchedTap)[0] ?? null;
        if (null !== $switched && \count($taps) === \count($plain)) {
            $draft = LineDraft::of($workings->plan);
            foreach ($plain as $tap) {
                $draft = $draft->swapped($tap, $switched);
            }
            $fixes[] = new Fix(\sprintf('%s in place of %s', $switched->name, implode(' and ', array_column($plain, 'name'))), $draft->patch());
        }
        $hasSwitch = static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures && null !== $stock->figures->cutOutKpa;

        return [...$fixes, ...LineFixes::over($workings)->asInCatalogue($pump), ...LineFixes::over($workings)->swaps($pump, $hasSwitch, PartKind::PressurePump)];
    }
}
