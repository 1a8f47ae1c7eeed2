<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shift;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
use YardCask\Core\Stage\Tanks\Shared\PlaceInBay;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Moving the largest tank, or the heaviest loads, across the rig, as far as it is wide. */
final class SideShift
{
    /**
     * Moments to take off the side they are on, in kg·m, positive to the right.
     *
     * @param float $tankKg what the largest fixed tank weighs at that moment
     *
     * @return list<Fix> the heaviest first
     */
    public static function across(float $tankKg, float $tankMomentKgM, float $loadMomentKgM, int $most, Workings $workings): array
    {
        $halfM = $workings->plan->load->rig->sizes()->widthM / 2;
        $shifts = [];
        $largest = $workings->of(TanksWorkings::class)->largestFixed();
        if (null !== $largest && $tankKg > 0 && 0.0 !== $tankMomentKgM) {
            $tank = $largest->tank;
            $toM = self::placeM($tank->yM - $tankMomentKgM / $tankKg, $halfM - $tank->widthMm / 2000);
            $fix = FreePlace::fix(self::label($tank->name, $toM), $largest, $tank->movedTo($tank->xM, $toM), $workings->plan);
            $bay = $workings->plan->bayOf($tank);
            $elsewhere = match (true) {
                null === $bay => [],
                PlaceInBay::isWithin($tank, $bay, $workings->plan) => BayFixes::elsewhere($largest, $workings),
                default => BayFixes::of($largest, $workings),
            };
            $shifts = array_map(static fn (Fix $one): array => [$tankKg, $one], array_values(array_filter([$fix, ...$elsewhere])));
        }
        foreach ($workings->plan->load->loads as $index => $load) {
            if ($load->kg > 0 && 0.0 !== $loadMomentKgM) {
                $toM = self::placeM($load->yM - $loadMomentKgM / $load->kg, $halfM);
                $shifts[] = [$load->kg, new Fix(self::label($load->name, $toM), PlanPatch::replace('/load/loads/'.$index.'/y_m', $toM))];
            }
        }
        usort($shifts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_column(\array_slice($shifts, 0, $most), 1);
    }

    private static function placeM(float $wantedM, float $roomM): float
    {
        return round(max(-$roomM, min($roomM, $wantedM)), 2);
    }

    private static function label(string $name, float $toM): Phrase
    {
        return new Phrase('load.fix.move-across', ['what' => $name, 'to' => Amount::across($toM)]);
    }
}
