<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\PortRole;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Tanks\Braking;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** Braking hard throws water over the highest point of a vent. */
final class VentSurges implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $findings = [];
        $say = $workings->say;
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Vent) as $run) {
            $tank = $run->tank->tank;
            $highest = self::highest($run);
            $surfaceMm = Braking::of($run->tank, $workings)?->surfaceMm(1000 * $highest->xM - $tank->body()->low[0]);
            $wantedM = $tank->zM + ($surfaceMm ?? 0.0) / 1000;
            if (null !== $surfaceMm && 1000 * ($wantedM - $highest->zM) > self::NOTHING_MM) {
                $findings[] = new Finding(
                    TanksFinding::VentSurges,
                    [$tank->id, $run->port->id],
                    new Measure(1000 * $highest->zM, 1000 * $wantedM, 'mm'),
                    \sprintf('Braking hard throws water out of the vent of %s', $tank->name),
                    \sprintf('At %s g its surface tilts until it would stand %s above the ground there, and the vent goes up to %s. Nearer the rear wall it stands lower.', Braking::FORWARD_G, $say->metres($wantedM), $say->metres($highest->zM)),
                    static fn (): array => self::raised($run, $wantedM, $workings),
                    new LookAt($run->portPointer().'/along_mm', 'Move the port'),
                );
            }
        }

        return $findings;
    }

    private static function highest(TankRun $run): RunPoint
    {
        $points = $run->points();
        usort($points, static fn (RunPoint $a, RunPoint $b): int => $b->zM <=> $a->zM);

        return $points[0];
    }

    /** @return list<Fix> its highest point raised, where the rig is high enough */
    private static function raised(TankRun $run, float $wantedM, Workings $workings): array
    {
        $highestM = self::highest($run)->zM;
        $toM = ceil($wantedM * 100) / 100;
        foreach ($run->run->points ?? [] as $index => $point) {
            if ($point->zM === $highestM && $toM <= $workings->plan->load->rig->sizes()->heightM) {
                return [new Fix(\sprintf('Raise “%s” of %s to %s', $point->name, $run->run?->name, $workings->say->metres($toM)), PlanPatch::replace($run->pointPointer($index).'/z_m', $toM))];
            }
        }

        return [];
    }
}
