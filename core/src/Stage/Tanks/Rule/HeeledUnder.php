<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlannedBoat;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\RunEnd;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** A hose ends in a boat's side where heeling puts it under water: the sea comes in by it. */
final class HeeledUnder implements Rule
{
    /** Over the water when heeled, for a wave. */
    public const ABOVE_M = 0.1;

    public function check(Workings $workings): array
    {
        $boat = $workings->plan->load->rig;
        if (!$boat instanceof PlannedBoat || null === $boat->draughtM) {
            return [];
        }
        $findings = [];
        $say = $workings->say;
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            $aboveM = RunEnd::Outside === $run->run?->end ? self::aboveM($run, $boat) : \INF;
            if ($aboveM < self::ABOVE_M - 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::HeeledUnder,
                    [$run->tank->tank->id, $run->port->id],
                    new Measure(1000 * $aboveM, 1000 * self::ABOVE_M, 'mm'),
                    \sprintf('Heeled, %s ends %s', $run->run?->name, $aboveM < 0 ? 'under water' : 'at the water'),
                    \sprintf('At %s° it lies %s %s the water, by her draught as it was entered; keep %s. The sea comes in by it and makes the tank salt, or fills her.', $boat->heelsDeg(), $say->mm(1000 * abs($aboveM)), $aboveM < 0 ? 'below' : 'above', $say->mm(1000 * self::ABOVE_M)),
                    static fn (): array => self::raised($run, $boat, $workings),
                );
            }
        }

        return $findings;
    }

    private static function aboveM(TankRun $run, PlannedBoat $boat): float
    {
        $end = \array_slice($run->points(), -1)[0];

        return $boat->aboveWaterM($end->zM, $end->yM) ?? \INF;
    }

    /** @return list<Fix> */
    private static function raised(TankRun $run, PlannedBoat $boat, Workings $workings): array
    {
        $points = $run->points();
        $last = \count($points) - 2;
        $toM = ceil(100 * $boat->heightOverWaterM(self::ABOVE_M, $points[$last + 1]->yM)) / 100;
        if ($last < 0 || $toM > $boat->sizes->heightM) {
            return [];
        }

        return [new Fix(\sprintf('Raise the end of %s to %s', $run->run?->name, $workings->say->metres($toM)), PlanPatch::replace($run->pointPointer($last).'/z_m', $toM))];
    }
}
