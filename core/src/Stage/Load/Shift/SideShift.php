<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shift;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Shared\FreePlace;
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
            $to = $tank->movedTo($tank->xM, $toM);
            $shifts[] = [
                $tankKg,
                self::label($tank->name, $toM, FreePlace::leaving($tank, $to, $workings->plan)),
                FreePlace::move($largest, $to, $workings->plan),
            ];
        }
        foreach ($workings->plan->load->loads as $index => $load) {
            if ($load->kg > 0 && 0.0 !== $loadMomentKgM) {
                $toM = self::placeM($load->yM - $loadMomentKgM / $load->kg, $halfM);
                $shifts[] = [$load->kg, self::label($load->name, $toM, null), PlanPatch::replace('/load/loads/'.$index.'/y_m', $toM)];
            }
        }
        usort($shifts, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_map(static fn (array $shift): Fix => new Fix($shift[1], $shift[2]), \array_slice($shifts, 0, $most));
    }

    private static function placeM(float $wantedM, float $roomM): float
    {
        return round(max(-$roomM, min($roomM, $wantedM)), 2);
    }

    private static function label(string $name, float $toM, ?string $leaves): Phrase
    {
        return new Phrase('load.fix.move-across', ['what' => $name, 'to' => Amount::across($toM), 'leaves' => $leaves]);
    }
}
