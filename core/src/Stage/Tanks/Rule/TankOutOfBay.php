<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Clearance;
use YardCask\Core\Plan\PlannedBay;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\TanksFinding;

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
                \sprintf('%s reaches out of %s', $working->tank->name, $bay->name),
                self::why($out, $working->tank, $bay, $workings),
                static fn (): array => BayFixes::of($working, $workings),
            );
        }

        return $findings;
    }

    private static function why(Clearance $out, PlannedTank $tank, PlannedBay $bay, Workings $workings): string
    {
        $words = $workings->words;
        $walls = [[$out->low[0], 'front'], [$out->high[0], 'rear'], [$out->low[1], $words->left().' side'], [$out->high[1], $words->right().' side'], [$out->low[2], 'floor'], [$out->high[2], 'top']];
        $beyond = array_map(static fn (array $wall): string => $workings->say->mm($wall[0]).' beyond its '.$wall[1], array_values(array_filter($walls, static fn (array $wall): bool => $wall[0] > self::NOTHING_MM)));
        $text = \sprintf('It stands %s.', implode(' and ', $beyond));
        if (null !== PlaceInBay::nearest($tank, $bay, $workings->plan)) {
            return $text;
        }
        $shortMm = PlaceInBay::shortMm($tank, $bay, $workings->plan);

        return $text.(null === $shortMm ? ' No place in it takes this tank.' : \sprintf(' It fits nowhere in it: with one wall %s further out it would.', $workings->say->mm($shortMm)));
    }
}
