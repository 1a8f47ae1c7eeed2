<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Stage\Tanks\Shared\HolePlaces;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** An outlet so high, or an overflow so low, that much of the tank cannot be used. */
final class WastedHeights implements RuleWithThresholds
{
    public const SHARE_OF_TANK = 0.08;
    /** As low as a hole for a 3/4 in fitting can sit above the floor, or below the lid. */
    private const FITTING_MM = 20.0;
    /** Nobody moves a port for less. */
    private const NO_GAIN_MM = 3.0;

    public static function thresholds(): array
    {
        return ['wasted_share' => Amount::share(self::SHARE_OF_TANK)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            $outlet = $working->belowOutletShare() > self::SHARE_OF_TANK ? self::lowered($working, $workings) : null;
            if (null !== $outlet) {
                $findings[] = self::outletHigh($working, ...$outlet);
            }
            $overflow = $working->aboveOverflowShare() > self::SHARE_OF_TANK ? self::raised($working, $workings) : null;
            if (null !== $overflow) {
                $findings[] = self::overflowLow($working, ...$overflow);
            }
        }

        return $findings;
    }

    private static function outletHigh(TankWorking $working, float $toMm, PlanPatch $patch): Finding
    {
        $tank = $working->tank;

        return new Finding(
            TanksFinding::OutletHigh,
            [$tank->id],
            new Measure($working->belowOutletShare(), self::SHARE_OF_TANK, ''),
            new SnagText('tanks.outlet-high.title', 'tanks.outlet-high.why', [
                'tank' => $tank->name,
                'litres' => Amount::litres($working->belowOutletL()),
                'height' => Amount::mm($tank->outletMm()),
                'share' => Amount::share($working->belowOutletShare()),
            ]),
            static fn (): array => [new Fix(new Phrase('tanks.fix.outlet-at', ['height' => Amount::mm($toMm)]), $patch)],
            new LookAt($working->pointer().'/'.$tank->outletKey(), new Phrase('tanks.outlet-high.look')),
        );
    }

    private static function overflowLow(TankWorking $working, float $toMm, PlanPatch $patch): Finding
    {
        $tank = $working->tank;

        return new Finding(
            TanksFinding::OverflowLow,
            [$tank->id],
            new Measure($working->aboveOverflowShare(), self::SHARE_OF_TANK, ''),
            new SnagText('tanks.overflow-low.title', 'tanks.overflow-low.why', [
                'tank' => $tank->name,
                'litres' => Amount::litres($working->aboveOverflowL()),
                'height' => Amount::mm($tank->overflowMm()),
                'height_tank' => Amount::mm($tank->heightMm),
                'share' => Amount::share($working->aboveOverflowShare()),
            ]),
            static fn (): array => [new Fix(new Phrase('tanks.fix.overflow-at', ['height' => Amount::mm($toMm)]), $patch)],
            new LookAt($working->pointer().'/'.$tank->overflowKey(), new Phrase('tanks.overflow-low.look')),
        );
    }

    /** @return array{float, PlanPatch}|null how low the outlet can be, and what puts it there; null where it is as low already */
    private static function lowered(TankWorking $working, Workings $workings): ?array
    {
        $tank = $working->tank;
        $index = $tank->outletPort();
        $toMm = self::fromWall($tank->heightMm);
        if (null === $index) {
            return [$toMm, PlanPatch::replace($working->pointer().'/'.$tank->outletKey(), $toMm)];
        }
        $low = self::moved($tank->ports[$index], $toMm, $tank, $workings);

        return $low->lowestMm() > $tank->outletMm() - self::NO_GAIN_MM
            ? null
            : [$low->lowestMm(), PlanPatch::replace($working->pointer().'/ports/'.$index, $low)];
    }

    /** @return array{float, PlanPatch}|null how high the overflow can be, and what puts each one that is lower there; null where it is as high already */
    private static function raised(TankWorking $working, Workings $workings): ?array
    {
        $tank = $working->tank;
        $toMm = $tank->heightMm - self::fromWall($tank->heightMm);
        $patches = [];
        foreach ($tank->ports as $index => $port) {
            if (PortRole::Overflow === $port->role && 2 !== $port->face->axis() && $port->lowestMm() < $toMm) {
                $high = self::moved($port, $toMm, $tank, $workings);
                $toMm = min($toMm, $high->lowestMm());
                $patches[] = PlanPatch::replace($working->pointer().'/ports/'.$index, $high);
            }
        }
        if ([] === $patches) {
            return [$toMm, PlanPatch::replace($working->pointer().'/overflow_height_mm', $toMm)];
        }

        return $toMm < $tank->overflowMm() + self::NO_GAIN_MM ? null : [$toMm, PlanPatch::all($patches)];
    }

    /** A port with its lower edge there, or as near to it as its hole can be drilled. */
    private static function moved(PlannedPort $port, float $lowestMm, PlannedTank $tank, Workings $workings): PlannedPort
    {
        $there = PartFields::changed($port, ['upMm' => $lowestMm + $port->boreMm / 2]);

        return (new HolePlaces($tank, $workings->stock))->freed($there) ?? $there;
    }

    /** As near to floor or lid as a fitting goes; in a shallow tank, near enough not to waste it. */
    private static function fromWall(float $heightMm): float
    {
        return min(self::FITTING_MM, floor($heightMm * self::SHARE_OF_TANK / 2));
    }
}
