<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Clearance;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A tank reaches out of the bay in which it stands. */
final class TankOutOfBay implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $bay = $workings->plan->bayOf($working->tank);
            $out = null === $bay ? null : $working->tank->body()->beyond($bay->space($workings->plan->load->rig));
            if (null === $bay || null === $out || max(...$out->low, ...$out->high) <= self::NOTHING_MM) {
                continue;
            }
            $findings[] = new Finding(
                TanksFinding::TankOutOfBay,
                [$working->tank->id],
                new Measure(max(...$out->low, ...$out->high), 0.0, 'mm'),
                self::text($out, $working->tank, $bay, $workings),
                static fn (): array => BayFixes::of($working, $workings),
            );
        }

        return $findings;
    }

    private static function text(Clearance $out, PlannedTank $tank, PlannedBay $bay, Workings $workings): SnagText
    {
        $walls = [
            'front' => $out->low[0],
            'rear' => $out->high[0],
            'left' => $out->low[1],
            'right' => $out->high[1],
            'floor' => $out->low[2],
            'top' => $out->high[2],
        ];
        $past = [];
        foreach (array_filter($walls, static fn (float $mm): bool => $mm > self::NOTHING_MM) as $wall => $mm) {
            $past[] = new Phrase('tanks.out-of-bay.past', ['by' => Amount::mm($mm), 'wall' => $wall, 'rig' => $workings->plan->load->rig->kind()]);
        }
        $isPlaced = null !== PlaceInBay::nearest($tank, $bay, $workings->plan);
        $shortMm = $isPlaced ? null : PlaceInBay::shortMm($tank, $bay, $workings->plan);
        $why = match (true) {
            $isPlaced => 'tanks.out-of-bay.why',
            null === $shortMm => 'tanks.out-of-bay.why.nowhere',
            default => 'tanks.out-of-bay.why.short',
        };

        return new SnagText(
            'tanks.out-of-bay.title',
            $why,
            ['tank' => $tank->name, 'bay' => $bay->name, 'past' => $past, 'short' => Amount::mm($shortMm ?? 0.0)],
        );
    }
}
