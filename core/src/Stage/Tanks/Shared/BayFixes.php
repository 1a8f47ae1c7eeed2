<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Getting a tank to where it fits: elsewhere in its bay, smaller, or into another bay. */
final class BayFixes
{
    private const STEP_MM = 10.0;
    private const SMALLEST_MM = 100.0;

    /** @return list<Fix> the nearest place in its own bay, or else the largest tank that fits there; and each other bay that takes it */
    public static function of(TankWorking $working, Workings $workings): array
    {
        $bay = $workings->plan->bayOf($working->tank);
        $own = null === $bay ? [] : [self::nearest($working, $bay, $workings) ?? self::smaller($working, $bay, $workings)];

        return array_values(array_filter([...$own, ...self::elsewhere($working, $workings)]));
    }

    /** @return list<Fix> each other bay that takes it */
    public static function elsewhere(TankWorking $working, Workings $workings): array
    {
        $fixes = [];
        foreach ($workings->plan->bays as $bay) {
            if ($bay->id !== $working->tank->bay && 0.0 === PlaceInBay::tooLargeMm($working->tank, $bay)) {
                $standing = PlaceInBay::nearest($working->tank, $bay, $workings->plan);
                $label = new Phrase('tanks.fix.into-bay', ['tank' => $working->tank->name, 'bay' => $bay->name]);
                $fixes[] = null === $standing ? null : FreePlace::fix($label, $working, $standing, $workings->plan);
            }
        }

        return array_values(array_filter($fixes));
    }

    private static function nearest(TankWorking $working, PlannedBay $bay, Workings $workings): ?Fix
    {
        $tank = $working->tank;
        $to = PlaceInBay::nearest($tank, $bay, $workings->plan);
        if (null === $to) {
            return null;
        }
        $turned = $to->lengthMm !== $tank->lengthMm || $to->widthMm !== $tank->widthMm;
        $label = $turned
            ? new Phrase('tanks.fix.turn', ['tank' => $tank->name, 'bay' => $bay->name])
            : new Phrase('tanks.fix.move', ['tank' => $tank->name, 'ways' => self::ways($tank, $to, $workings)]);

        return FreePlace::fix($label, $working, $to, $workings->plan);
    }

    /** The longest with which it fits as it stands, or else the widest. */
    private static function smaller(TankWorking $working, PlannedBay $bay, Workings $workings): ?Fix
    {
        $tank = $working->tank;
        if (!$tank->isMadeToMeasure()) {
            return null;
        }
        $tries = [
            ['length', $tank->lengthMm, static fn (float $mm): PlannedTank => $tank->sized($mm, $tank->widthMm)],
            ['width', $tank->widthMm, static fn (float $mm): PlannedTank => $tank->sized($tank->lengthMm, $mm)],
        ];
        foreach ($tries as [$size, $nowMm, $sized]) {
            $at = static fn (float $mm): ?PlannedTank => PlaceInBay::unturned($sized($mm), $bay, $workings->plan);
            $mm = self::largestMm($nowMm, static fn (float $mm): bool => null !== $at($mm));
            $to = $at($mm);
            if (null !== $to) {
                $label = new Phrase('tanks.fix.resize', ['tank' => $tank->name, 'size' => $size, 'to' => Amount::mm($mm)]);

                return FreePlace::fix($label, $working, $to, $workings->plan);
            }
        }

        return null;
    }

    /**
     * In steps, below what it is now, or the smallest that is tried. What fits fits smaller, too, so it can be halved.
     *
     * @param callable(float): bool $fits
     */
    private static function largestMm(float $nowMm, callable $fits): float
    {
        [$low, $high] = [(int) ceil(self::SMALLEST_MM / self::STEP_MM), (int) ceil($nowMm / self::STEP_MM) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($fits($middle * self::STEP_MM)) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low * self::STEP_MM;
    }

    /** @return list<Phrase> “40 mm forward”, “12 mm to the left” */
    private static function ways(PlannedTank $from, PlannedTank $to, Workings $workings): array
    {
        $ways = [];
        foreach ([
            [$to->xM - $from->xM, 'back', 'forward'],
            [$to->yM - $from->yM, 'right', 'left'],
            [$to->zM - $from->zM, 'up', 'down'],
        ] as [$byM, $more, $less]) {
            if (abs($byM) >= 0.0005) {
                $ways[] = new Phrase(
                    'tanks.fix.move.way',
                    ['by' => Amount::mm(1000 * abs($byM)), 'way' => $byM > 0 ? $more : $less, 'rig' => $workings->plan->load->rig->kind()],
                );
            }
        }

        return $ways;
    }
}
