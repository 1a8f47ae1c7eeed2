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
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A vent in a side of a tank that is under water before the tank is full: it fills with water, and no air gets past. */
final class VentSubmerged implements Rule
{
    private const NOTHING_MM = 0.5;

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(RunWorkings::class)->that(PortRole::Vent) as $run) {
            $tank = $run->tank->tank;
            $underMm = $tank->overflowMm() - self::topMm($run->port, $tank);
            if ($underMm > self::NOTHING_MM) {
                $findings[] = new Finding(
                    TanksFinding::VentSubmerged,
                    [$tank->id, $run->port->id],
                    new Measure($underMm, 0.0, 'mm'),
                    new SnagText('tanks.vent-submerged.title', 'tanks.vent-submerged.why', [
                        'vent' => $run->port->name,
                        'tank' => $tank->name,
                        'under' => Amount::mm($underMm),
                    ]),
                    static fn (): array => self::raised($run, $workings),
                    new LookAt($run->portPointer().'/up_mm', new Phrase('tanks.vent-submerged.look')),
                );
            }
        }

        return $findings;
    }

    /** How high its upper edge is above the floor of its tank. */
    private static function topMm(PlannedPort $port, PlannedTank $tank): float
    {
        return match ($port->face) {
            Face::Top => $tank->heightMm,
            Face::Bottom => 0.0,
            default => min($tank->heightMm, $port->upMm + $port->boreMm / 2),
        };
    }

    /** @return list<Fix> right under the lid, or through it */
    private static function raised(TankRun $run, Workings $workings): array
    {
        $tank = $run->tank->tank;
        $upMm = $tank->heightMm - $run->port->boreMm / 2;
        $high = new Fix(
            new Phrase('tanks.fix.port-up', ['port' => $run->port->name, 'height' => Amount::mm($upMm)]),
            PlanPatch::replace($run->portPointer().'/up_mm', $upMm),
        );
        $label = new Phrase('tanks.fix.other-face', ['port' => $run->port->name, 'face' => Face::Top->word()]);

        return [$high, new Fix($label, PlanPatch::replace($run->portPointer(), PortRoom::movedTo(Face::Top, $run->port, $tank)))];
    }
}
