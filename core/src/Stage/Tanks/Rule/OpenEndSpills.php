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
use YardCask\Core\Stage\Tanks\Shared\OpenEnd;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TiltedTank;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** Braking, a hill, a lean or a heel lifts the water over the highest point of an open hose. */
final class OpenEndSpills implements Rule
{
    private const NOTHING_M = 0.0005;

    public function check(Workings $workings): array
    {
        $findings = [];
        $tilts = [];
        foreach ($workings->of(RunWorkings::class)->openEnds() as $end) {
            $worst = null;
            foreach ($tilts[$end->run->tank->index] ??= TiltedTank::all($end->run->tank, $workings) as $tilted) {
                $overM = $end->spillsByM($tilted);
                if ($overM > self::NOTHING_M && (null === $worst || $overM > $end->spillsByM($worst))) {
                    $worst = $tilted;
                }
            }
            if (null !== $worst) {
                $findings[] = self::finding($end, $worst, $workings);
            }
        }

        return $findings;
    }

    private static function finding(OpenEnd $end, TiltedTank $worst, Workings $workings): Finding
    {
        $rig = $workings->plan->load->rig;
        $wantedM = $end->highest->zM + $end->spillsByM($worst);
        $tilt = $worst->tilt;

        return new Finding(
            TanksFinding::OpenEndSpills,
            [$end->run->tank->tank->id, $end->run->port->id],
            new Measure(1000 * $end->highest->zM, 1000 * $wantedM, 'mm'),
            new SnagText('tanks.open-end-spills.title', 'tanks.open-end-spills.why', [
                'tilt' => $tilt,
                'rig' => $rig->kind(),
                'much' => $tilt->measure($rig),
                'hose' => $end->name(),
                'height_needed' => Amount::metres($wantedM),
                'height' => Amount::metres($end->highest->zM),
            ]),
            static fn (): array => self::raised($end, $wantedM, $workings),
            new LookAt($end->run->portPointer().'/along_mm', new Phrase('tanks.open-end-spills.look')),
        );
    }

    /** @return list<Fix> its highest point raised, where the rig is high enough */
    private static function raised(OpenEnd $end, float $wantedM, Workings $workings): array
    {
        $toM = ceil($wantedM * 100) / 100;
        foreach ($end->run->run->points ?? [] as $index => $point) {
            if ($point->zM === $end->highest->zM && $toM <= $workings->plan->load->rig->sizes()->heightM) {
                $label = new Phrase('tanks.fix.raise-point', ['point' => $point->name, 'hose' => $end->run->run?->name, 'height' => Amount::metres($toM)]);

                return [new Fix($label, PlanPatch::replace($end->run->pointPointer($index).'/z_m', $toM))];
            }
        }

        return [];
    }
}
