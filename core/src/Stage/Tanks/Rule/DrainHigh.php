<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\PortRole;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** A drain is not at the lowest point: some water never leaves on level ground. */
final class DrainHigh implements Rule
{
    public const HARMLESS_L = 0.3;

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
                    \sprintf('%s stay in %s when it is drained', $workings->say->litres($leftL), $run->tank->tank->name),
                    'The lower edge of its drain stands above the floor. On the best slope some of it runs out; swarf and frost want it all.',
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
        if (\INF === $run->port->lowestMm()) {
            $patch = PlanPatch::replace($run->portPointer().'/face', 'rear')->and($patch);
        }

        return new Fix(\sprintf('%s at %s, flush with the floor', $run->port->name, $workings->say->mm($upMm)), $patch);
    }
}
