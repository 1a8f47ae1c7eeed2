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

/** A vent does not rise above the tank before it falls, so that water escapes by it on hills and bends. */
final class VentLow implements Rule
{
    public const ABOVE_M = 0.05;
    /** To which it is raised. */
    private const RAISED_M = 0.1;

    public function check(Workings $workings): array
    {
        $findings = [];
        $say = $workings->say;
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Vent) as $run) {
            $aboveM = max($run->heightsM()) - $run->lidM();
            if ($aboveM < self::ABOVE_M - 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::VentLow,
                    [$run->tank->tank->id, $run->port->id],
                    new Measure(1000 * $aboveM, 1000 * self::ABOVE_M, 'mm'),
                    \sprintf('Water leaves %s by its vent on a hill', $run->tank->tank->name),
                    \sprintf('%s rises to %s %s the lid. It has to pass a point at least %s above it before it falls.', null === $run->run ? $run->port->name : $run->run->name, $say->mm(1000 * abs($aboveM)), $aboveM < 0 ? 'below' : 'above', $say->mm(1000 * self::ABOVE_M)),
                    static fn (): array => self::raised($run, $workings),
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> its first point raised, as high as the rig allows */
    private static function raised(TankRun $run, Workings $workings): array
    {
        $toM = round(min($run->lidM() + self::RAISED_M, $workings->plan->load->rig->sizes()->heightM), 3);
        if (null === $run->run || [] === $run->run->points) {
            return [];
        }

        return [new Fix(\sprintf('Raise “%s” of %s to %s', $run->run->points[0]->name, $run->run->name, $workings->say->metres($toM)), PlanPatch::replace($run->pointPointer(0).'/z_m', $toM))];
    }
}
