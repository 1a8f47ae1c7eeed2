<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\PlannedBoat;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A hose ends in a boat's side where heeling puts it under water: the sea comes in by it. */
final class HeeledUnder implements RuleWithThresholds
{
    /** Over the water when heeled, for a wave. */
    public const ABOVE_M = 0.1;

    public static function thresholds(): array
    {
        return ['heeled_above' => Amount::metres(self::ABOVE_M)];
    }

    public function check(Workings $workings): array
    {
        $boat = $workings->plan->load->rig;
        if (!$boat instanceof PlannedBoat || null === $boat->draughtM) {
            return [];
        }
        $findings = [];
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            $aboveM = RunEnd::Outside === $run->run?->end ? self::aboveM($run, $boat) : \INF;
            if ($aboveM < self::ABOVE_M - 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::HeeledUnder,
                    [$run->tank->tank->id, $run->port->id],
                    new Measure(1000 * $aboveM, 1000 * self::ABOVE_M, 'mm'),
                    new SnagText('tanks.heeled-under.title', 'tanks.heeled-under.why', [
                        'hose' => $run->run?->name,
                        'where' => $aboveM < 0 ? 'below' : 'above',
                        'heel' => Amount::degrees($boat->heelsDeg()),
                        'above' => Amount::mm(1000 * abs($aboveM)),
                        'above_least' => Amount::mm(1000 * self::ABOVE_M),
                    ]),
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

        return [
            new Fix(
                new Phrase('tanks.fix.raise-end', ['hose' => $run->run?->name, 'height' => Amount::metres($toM)]),
                PlanPatch::replace($run->pointPointer($last).'/z_m', $toM),
            ),
        ];
    }
}
