<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleWithThresholds;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
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

    public static function thresholds(): array
    {
        return ['wasted_share' => Amount::share(self::SHARE_OF_TANK)];
    }

    public function check(Workings $workings): array
    {
        $findings = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            if ($working->belowOutletShare() > self::SHARE_OF_TANK) {
                $findings[] = self::outletHigh($working, $workings);
            }
            if ($working->aboveOverflowShare() > self::SHARE_OF_TANK) {
                $findings[] = self::overflowLow($working, $workings);
            }
        }

        return $findings;
    }

    private static function outletHigh(TankWorking $working, Workings $workings): Finding
    {
        $tank = $working->tank;
        $toMm = self::fromWall($tank->heightMm);

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
            static fn (): array => [
                new Fix(
                    new Phrase('tanks.fix.outlet-at', ['height' => Amount::mm($toMm)]),
                    PlanPatch::replace($working->pointer().'/'.$tank->outletKey(), self::upMm($tank->outletPort(), $toMm, $tank)),
                ),
            ],
            new LookAt($working->pointer().'/'.$tank->outletKey(), new Phrase('tanks.outlet-high.look')),
        );
    }

    private static function overflowLow(TankWorking $working, Workings $workings): Finding
    {
        $tank = $working->tank;
        $toMm = $tank->heightMm - self::fromWall($tank->heightMm);

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
            static fn (): array => [
                new Fix(
                    new Phrase('tanks.fix.overflow-at', ['height' => Amount::mm($toMm)]),
                    self::raised($working, $toMm),
                ),
            ],
            new LookAt($working->pointer().'/'.$tank->overflowKey(), new Phrase('tanks.overflow-low.look')),
        );
    }

    /** Each overflow that is lower than that raised to it, or the height itself. */
    private static function raised(TankWorking $working, float $toMm): PlanPatch
    {
        $tank = $working->tank;
        $patches = [];
        foreach ($tank->ports as $index => $port) {
            if (PortRole::Overflow === $port->role && 2 !== $port->face->axis() && $port->lowestMm() < $toMm) {
                $patches[] = PlanPatch::replace($working->pointer().'/ports/'.$index.'/up_mm', self::upMm($index, $toMm, $tank));
            }
        }

        return [] === $patches ? PlanPatch::replace($working->pointer().'/overflow_height_mm', $toMm) : PlanPatch::all($patches);
    }

    /** The middle of a port whose lower edge lies there, or the height itself. */
    private static function upMm(?int $index, float $lowestMm, PlannedTank $tank): float
    {
        return null === $index ? $lowestMm : $lowestMm + $tank->ports[$index]->boreMm / 2;
    }

    /** As near to floor or lid as a fitting goes; in a shallow tank, near enough not to waste it. */
    private static function fromWall(float $heightMm): float
    {
        return min(self::FITTING_MM, floor($heightMm * self::SHARE_OF_TANK / 2));
    }
}
