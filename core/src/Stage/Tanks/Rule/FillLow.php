<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A fill inlet hardly stands above the full tank, so that it splashes and the tank never gets full. */
final class FillLow implements RuleWithThresholds
{
    /** Between inlet and overflow, for the hose to run off by itself. */
    public const ABOVE_M = 0.1;

    public static function thresholds(): array
    {
        return ['fill_above' => Amount::metres(self::ABOVE_M)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Fill) as $run) {
            $heights = $run->heightsM();
            $aboveM = $heights[\count($heights) - 1] - $run->overflowM();
            // A pump that draws from a bucket lifts the water.
            if (null !== $run->run && RunEnd::Bucket !== $run->run->end && \count($heights) > 1 && $aboveM < self::ABOVE_M - 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::FillLow,
                    [$run->tank->tank->id, $run->run->id],
                    new Measure(1000 * $aboveM, 1000 * self::ABOVE_M, 'mm'),
                    new SnagText('tanks.fill-low.title', $aboveM < 0 ? 'tanks.fill-low.why.below' : 'tanks.fill-low.why', [
                        'hose' => $run->run->name,
                        'tank' => $run->tank->tank->name,
                        'above' => Amount::mm(1000 * abs($aboveM)),
                        'above_least' => Amount::mm(1000 * self::ABOVE_M),
                    ]),
                    static fn (): array => self::raised($run, $workings),
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> */
    private static function raised(TankRun $run, Workings $workings): array
    {
        $toM = round($run->overflowM() + self::ABOVE_M, 3);
        $last = \count($run->run->points ?? []) - 1;
        if ($toM > $workings->plan->load->rig->sizes()->heightM) {
            return [];
        }

        return [
            new Fix(
                new Phrase('tanks.fix.raise-inlet', ['hose' => $run->run?->name, 'height' => Amount::metres($toM)]),
                PlanPatch::replace($run->pointPointer($last).'/z_m', $toM),
            ),
        ];
    }
}
