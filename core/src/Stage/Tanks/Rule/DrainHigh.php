<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A drain is not at the lowest point: some water never leaves on level ground. */
final class DrainHigh implements RuleWithThresholds
{
    public const HARMLESS_L = 0.3;

    public static function thresholds(): array
    {
        return ['drain_litres' => Amount::litres(self::HARMLESS_L)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Drain) as $run) {
            $leftL = RunWorkings::undrainedL($run->tank);
            if ($leftL > self::HARMLESS_L) {
                $findings[] = new Finding(
                    TanksFinding::DrainHigh,
                    [$run->tank->tank->id, $run->port->id],
                    new Measure($leftL, self::HARMLESS_L, 'L'),
                    new SnagText('tanks.drain-high.title', 'tanks.drain-high.why', ['litres' => Amount::litres($leftL), 'tank' => $run->tank->tank->name]),
                    static fn (): array => [self::lowered($run, $workings)],
                );
            }
        }

        return $findings;
    }

    private static function lowered(TankRun $run, Workings $workings): Fix
    {
        $upMm = round($run->port->boreMm / 2, 1);
        $patch = PlanPatch::replace($run->portPointer().'/up_mm', $upMm);
        $isOnTop = \INF === $run->port->lowestMm();
        if ($isOnTop) {
            $patch = PlanPatch::replace($run->portPointer().'/face', 'rear')->and($patch);
        }

        $with = ['port' => $run->port->name, 'height' => Amount::mm($upMm), 'top' => $isOnTop ? 'yes' : 'no'];

        return new Fix(new Phrase('tanks.fix.lower-drain', $with), $patch);
    }
}
