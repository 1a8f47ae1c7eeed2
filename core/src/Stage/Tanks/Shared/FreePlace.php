<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Holds;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedRig;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlanPatch;

/** Finds room on the rig's floor, and free ids and names, for what is added to a plan. */
final class FreePlace
{
    private const STEP_M = 0.05;
    private const TANK_WIDTH_MM = 400.0;
    private const TANK_HEIGHT_MM = 320.0;
    private const LONGEST_MM = 2500.0;

    /** Some cans alike, as one entry; null where there is no room for them in a row. */
    public static function addCans(Plan $plan, Holds $holds, int $count): ?PlanPatch
    {
        return self::append(TankProposal::cans(FreeId::of(Holds::Drinking === $holds ? 'drinking' : 'can', $plan), $holds, $count, $plan->units), $plan);
    }

    /** A fixed tank that gives $usableL; null where there is no room for it. */
    public static function addTank(Plan $plan, Holds $holds, float $usableL): ?PlanPatch
    {
        $mostMm = min(self::LONGEST_MM, $plan->load->rig->sizes()->lengthM * 1000 / 2);

        return self::append(TankProposal::fixed(FreeId::of(Holds::Fresh === $holds ? 'tank' : $holds->value, $plan), $holds, $usableL, self::TANK_WIDTH_MM, self::TANK_HEIGHT_MM, $mostMm, $plan->units), $plan);
    }

    /** The same tank on the floor, at the free place nearest to the middle of the rig, to either side of what stands there before along it; null where there is none. */
    public static function settled(PlannedTank $tank, Plan $plan): ?PlannedTank
    {
        $rig = $plan->load->rig;
        $sizes = $rig->sizes();
        $others = self::others($tank, $plan);
        $middleM = round($rig->bodyFromM() + $sizes->lengthM / 2, 2);
        foreach (self::outward(($sizes->lengthM - $tank->rowMm() / 1000) / 2) as $alongM) {
            foreach (self::outward(($sizes->widthM - $tank->widthMm / 1000) / 2) as $acrossM) {
                $candidate = $tank->movedTo(round($middleM + $alongM, 3), $acrossM);
                if (self::isFree($candidate, $others)) {
                    return self::isInside($candidate, $rig) ? $candidate : null;
                }
            }
        }

        return null;
    }

    /** The same tank standing on the rig's floor. */
    public static function onFloor(PlannedTank $tank, PlannedRig $rig): PlannedTank
    {
        return PartFields::changed($tank, ['zM' => $rig->sizes()->floorM]);
    }

    /** Puts a tank of the plan where $to stands. */
    public static function move(TankWorking $working, PlannedTank $to): PlanPatch
    {
        return PlanPatch::replace($working->pointer().'/x_m', $to->xM)->and(PlanPatch::replace($working->pointer().'/y_m', $to->yM));
    }

    /** @return list<PlannedTank> all tanks of the plan but this one */
    public static function others(PlannedTank $tank, Plan $plan): array
    {
        return array_values(array_filter($plan->tanks, static fn (PlannedTank $one): bool => $one->id !== $tank->id));
    }

    /** @param list<PlannedTank> $others */
    public static function isFree(PlannedTank $tank, array $others): bool
    {
        foreach ($others as $other) {
            if ($tank->overlapM($other) > 1e-6) {
                return false;
            }
        }

        return true;
    }

    public static function isInside(PlannedTank $tank, PlannedRig $rig): bool
    {
        $sizes = $rig->sizes();
        $fromM = $rig->bodyFromM();

        return $tank->xM - $tank->rowMm() / 2000 >= $fromM - 1e-6 && $tank->xM + $tank->rowMm() / 2000 <= $fromM + $sizes->lengthM + 1e-6
            && abs($tank->yM) + $tank->widthMm / 2000 <= $sizes->widthM / 2 + 1e-6 && $tank->zM + $tank->heightMm / 1000 <= $sizes->heightM + 1e-6;
    }

    private static function append(PlannedTank $tank, Plan $plan): ?PlanPatch
    {
        $names = array_map(static fn (PlannedTank $one): string => $one->name, $plan->tanks);
        $settled = \count($plan->tanks) < Plan::MOST_TANKS ? self::settled(self::onFloor($tank->named(FreeId::name($tank->name, $names)), $plan->load->rig), $plan) : null;

        return null === $settled ? null : PlanPatch::append('/tanks', $settled);
    }

    /** @return iterable<float> 0, then to either side in steps, as far as there is room */
    private static function outward(float $roomM): iterable
    {
        yield 0.0;
        for ($step = 1; $step * self::STEP_M <= $roomM - 0.01; ++$step) {
            yield round(-$step * self::STEP_M, 3);
            yield round($step * self::STEP_M, 3);
        }
    }
}
