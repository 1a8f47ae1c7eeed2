<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\Draining;
use YardCask\Core\Stage\Tanks\Shared\HolePlaces;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A drain is not at the lowest point: some water never leaves, however the rig is parked. */
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
            $leftL = Draining::leftAtBestL($run->tank, $workings, self::HARMLESS_L);
            if ($leftL > self::HARMLESS_L) {
                $findings[] = new Finding(
                    TanksFinding::DrainHigh,
                    [$run->tank->tank->id, $run->port->id],
                    new Measure($leftL, self::HARMLESS_L, 'L'),
                    new SnagText('tanks.drain-high.title', 'tanks.drain-high.why', [
                        'litres' => Amount::litres($leftL),
                        'tank' => $run->tank->tank->name,
                        'slope' => Amount::share(Draining::SLOPE_PERCENT / 100),
                    ]),
                    static fn (): array => array_values(array_filter([self::lowered($run, $workings), self::turnedDown($run, $workings)])),
                );
            }
        }

        return $findings;
    }

    /** As low as a hole can be drilled; null where it is. */
    private static function lowered(TankRun $run, Workings $workings): ?Fix
    {
        $isOnTop = \INF === $run->port->lowestMm();
        $port = $isOnTop ? PortRoom::movedTo(Face::Rear, $run->port, $run->tank->tank) : $run->port;
        $low = (new HolePlaces($run->tank->tank, $workings->stock))->freed(PartFields::changed($port, ['upMm' => 0.0]));
        if (null === $low || $low->lowestMm() >= $run->port->lowestMm()) {
            return null;
        }
        $with = ['port' => $run->port->name, 'height' => Amount::mm($low->upMm), 'top' => $isOnTop ? 'yes' : 'no'];

        return new Fix(new Phrase('tanks.fix.lower-drain', $with), PlanPatch::replace($run->portPointer(), $low));
    }

    /** Through the bottom; null where its fitting has no room there. */
    private static function turnedDown(TankRun $run, Workings $workings): ?Fix
    {
        $down = (new HolePlaces($run->tank->tank, $workings->stock))->freed(PortRoom::movedTo(Face::Bottom, $run->port, $run->tank->tank));
        if (null === $down || PortRoom::missingMm($down, $run->tank->tank, $workings->plan) > PortRoom::NOTHING_MM) {
            return null;
        }

        return new Fix(new Phrase('tanks.fix.drain-down', ['port' => $run->port->name]), PlanPatch::replace($run->portPointer(), $down));
    }
}
