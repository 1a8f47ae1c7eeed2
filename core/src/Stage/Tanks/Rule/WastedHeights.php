<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\LookAt;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Stage\Tanks\Shared\TanksWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankWorking;
use YardCask\Core\Stage\Tanks\TanksFinding;

/** An outlet so high, or an overflow so low, that much of the tank cannot be used. */
final class WastedHeights implements Rule
{
    public const SHARE_OF_TANK = 0.08;
    /** As low as a hole for a 3/4 in fitting can sit above the floor, or below the lid. */
    private const FITTING_MM = 20.0;

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
        $say = $workings->say;
        $tank = $working->tank;
        $toMm = self::fromWall($tank->heightMm);

        return new Finding(
            TanksFinding::OutletHigh,
            [$tank->id],
            new Measure($working->belowOutletShare(), self::SHARE_OF_TANK, ''),
            \sprintf('%s below the outlet are never used', $say->litres($working->belowOutletL())),
            \sprintf('The outlet of %s stands %s above its floor: %s of the tank is carried and never drawn, and stands stale.', $tank->name, $say->mm($tank->outletHeightMm), $say->share($working->belowOutletShare())),
            static fn (): array => [new Fix(\sprintf('Outlet at %s', $say->mm($toMm)), PlanPatch::replace($working->pointer().'/outlet_height_mm', $toMm))],
            new LookAt($working->pointer().'/outlet_height_mm', 'Show the outlet'),
        );
    }

    private static function overflowLow(TankWorking $working, Workings $workings): Finding
    {
        $say = $workings->say;
        $tank = $working->tank;
        $toMm = $tank->heightMm - self::fromWall($tank->heightMm);

        return new Finding(
            TanksFinding::OverflowLow,
            [$tank->id],
            new Measure($working->aboveOverflowShare(), self::SHARE_OF_TANK, ''),
            \sprintf('%s above the overflow stay empty', $say->litres($working->aboveOverflowL())),
            \sprintf('%s overflows at %s of %s: %s of it takes room and holds air.', $tank->name, $say->mm($tank->overflowMm()), $say->mm($tank->heightMm), $say->share($working->aboveOverflowShare())),
            static fn (): array => [new Fix(\sprintf('Overflow at %s', $say->mm($toMm)), PlanPatch::replace($working->pointer().'/'.$tank->overflowKey(), self::upMm($tank, $toMm)))],
            new LookAt($working->pointer().'/'.$tank->overflowKey(), 'Show the overflow'),
        );
    }

    /** The middle of a port whose lower edge lies there, or the height itself. */
    private static function upMm(PlannedTank $tank, float $lowestMm): float
    {
        $index = $tank->overflowPort();

        return null === $index ? $lowestMm : $lowestMm + $tank->ports[$index]->boreMm / 2;
    }

    /** As near to floor or lid as a fitting goes; in a shallow tank, near enough not to waste it. */
    private static function fromWall(float $heightMm): float
    {
        return min(self::FITTING_MM, floor($heightMm * self::SHARE_OF_TANK / 2));
    }
}
