<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlannedBay;
use YardCask\Core\Plan\PlannedTank;

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
                $fixes[] = null === $standing ? null : new Fix(\sprintf('Move %s into %s', $working->tank->name, $bay->name), FreePlace::move($working, $standing, $workings->plan));
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
        $label = $turned ? \sprintf('Turn %s and stand it where it fits in %s', $tank->name, $bay->name) : \sprintf('Move %s %s', $tank->name, self::way($tank, $to, $workings));

        return new Fix($label, FreePlace::move($working, $to, $workings->plan));
    }

    /** The longest with which it fits as it stands, or else the widest. */
    private static function smaller(TankWorking $working, PlannedBay $bay, Workings $workings): ?Fix
    {
        $tank = $working->tank;
        $say = $workings->say;
        $tries = [
            ['long', $tank->lengthMm, static fn (float $mm): PlannedTank => $tank->sized($mm, $tank->widthMm)],
            ['wide', $tank->widthMm, static fn (float $mm): PlannedTank => $tank->sized($tank->lengthMm, $mm)],
        ];
        foreach ($tries as [$word, $nowMm, $sized]) {
            $at = static fn (float $mm): ?PlannedTank => PlaceInBay::unturned($sized($mm), $bay, $workings->plan);
            $mm = self::largestMm($nowMm, static fn (float $mm): bool => null !== $at($mm));
            $to = $at($mm);
            if (null !== $to) {
                return new Fix(\sprintf('Make %s %s %s', $tank->name, $say->mm($mm), $word), FreePlace::move($working, $to, $workings->plan));
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

    /** “40 mm forward and 12 mm to the left”. */
    private static function way(PlannedTank $from, PlannedTank $to, Workings $workings): string
    {
        $ways = [];
        foreach ([
            [$to->xM - $from->xM, 'back', 'forward'],
            [$to->yM - $from->yM, 'to '.$workings->words->right(), 'to '.$workings->words->left()],
            [$to->zM - $from->zM, 'up', 'down'],
        ] as [$byM, $more, $less]) {
            if (abs($byM) >= 0.0005) {
                $ways[] = $workings->say->mm(1000 * abs($byM)).' '.($byM > 0 ? $more : $less);
            }
        }

        return implode(' and ', $ways);
    }
}
