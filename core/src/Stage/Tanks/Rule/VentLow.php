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

/** A vent that falls without first rising above the tank, so that water escapes on hills and bends. */
final class VentLow implements RuleWithThresholds
{
    public const ABOVE_M = 0.05;
    /** To which it is raised. */
    private const RAISED_M = 0.1;

    public static function thresholds(): array
    {
        return ['vent_above' => Amount::metres(self::ABOVE_M)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Vent) as $run) {
            $aboveM = max($run->heightsM()) - $run->lidM();
            if ($aboveM < self::ABOVE_M - 0.0005) {
                $findings[] = new Finding(
                    TanksFinding::VentLow,
                    [$run->tank->tank->id, $run->port->id],
                    new Measure(1000 * $aboveM, 1000 * self::ABOVE_M, 'mm'),
                    new SnagText('tanks.vent-low.title', 'tanks.vent-low.why', [
                        'tank' => $run->tank->tank->name,
                        'vent' => null === $run->run ? $run->port->name : $run->run->name,
                        'where' => $aboveM < 0 ? 'below' : 'above',
                        'above' => Amount::mm(1000 * abs($aboveM)),
                        'above_least' => Amount::mm(1000 * self::ABOVE_M),
                    ]),
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

        $label = new Phrase('tanks.fix.raise-point', ['point' => $run->run->points[0]->name, 'hose' => $run->run->name, 'height' => Amount::metres($toM)]);

        return [new Fix($label, PlanPatch::replace($run->pointPointer(0).'/z_m', $toM))];
    }
}
