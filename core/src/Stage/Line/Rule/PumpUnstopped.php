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
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A pump that keeps running with every tap shut: it has no pressure switch, and the taps have no switches. */
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
            $plain = array_values(
                array_filter(
                    $line->graph->outlets,
                    static fn (PlannedPart $outlet): bool => PartKind::SwitchedTap !== $outlet->kind && \in_array($outlet->id, $behind, true),
                ),
            );
            if ([] !== $plain) {
                $findings[] = new Finding(
                    LineFinding::PumpUnstopped,
                    [$pump->id],
                    new Measure((float) \count($plain), 0.0, ''),
                    new SnagText('line.pump-unstopped.title', 'line.pump-unstopped.why', [
                        'pump' => $pump->spoken(),
                        'outlets' => array_map(static fn (PlannedPart $one): string => $one->spoken(), \array_slice($plain, 0, 2)),
                        'count' => \count($plain),
                    ]),
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
            $names = array_map(static fn (PlannedPart $one): string => $one->spoken(), $plain);
            $fixes[] = new Fix(new Phrase('line.fix.replace', ['stock' => $switched->name, 'parts' => $names]), $draft->patch());
        }
        $hasSwitch = static fn (StockPart $stock): bool => $stock->figures instanceof PumpFigures && null !== $stock->figures->cutOutKpa;

        return [
            ...$fixes,
            ...LineFixes::over($workings)->asInCatalogue($pump),
            ...LineFixes::over($workings)->swaps($pump, $hasSwitch, PartKind::PressurePump),
        ];
    }
}
