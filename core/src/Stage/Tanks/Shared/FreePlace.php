<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Plan\Tanks\WaterKind;
use YardCask\Core\Words\Phrase;

/** Finds room on the rig's floor, and free ids and names, for what is added to a plan. */
final class FreePlace
{
    private const STEP_M = 0.05;
    private const TANK_WIDTH_MM = 400.0;
    private const TANK_HEIGHT_MM = 320.0;
    private const LONGEST_MM = 2500.0;
    private const NOTHING_MM = 1e-3;

    /** Some cans alike, as one entry; null where there is no room for them in a row. */
    public static function addCans(Plan $plan, WaterKind $holds, int $count): ?PlanPatch
    {
        return self::added(TankProposal::cans(FreeId::of(WaterKind::Drinking === $holds ? 'drinking' : 'can', $plan), $holds, $count, $plan->units), $plan);
    }

    /** A fixed tank that gives $usableL; null where there is no room for it. */
    public static function addTank(Plan $plan, WaterKind $holds, float $usableL): ?PlanPatch
    {
        return self::added(self::usual($plan, $holds, $usableL), $plan);
    }

    /** A fixed tank of usual height and width that gives $usableL, nowhere yet. */
    public static function usual(Plan $plan, WaterKind $holds, float $usableL): PlannedTank
    {
        return TankProposal::fixed(
            FreeId::of(WaterKind::Fresh === $holds ? 'tank' : $holds->value, $plan),
            $holds,
            $usableL,
            self::TANK_WIDTH_MM,
            self::TANK_HEIGHT_MM,
            min(self::LONGEST_MM, $plan->load->rig->sizes()->lengthM * 1000 / 2),
            $plan->units,
        );
    }

    /**
     * The same tank in its bay, at the free place nearest to where it stands; without a bay, nearest to the middle of the rig, to either
     * side of what stands there before along it. Null where there is none.
     */
    public static function settled(PlannedTank $tank, Plan $plan): ?PlannedTank
    {
        $bay = $plan->bayOf($tank);
        if (null !== $bay) {
            return PlaceInBay::nearest($tank, $bay, $plan);
        }
        $rig = $plan->load->rig;
        $sizes = $rig->sizes();
        $others = Obstacles::to($tank, $plan);
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

    /** The same tank at its height, at the free place nearest to where it stands; null where there is none. */
    public static function besideIt(PlannedTank $tank, Plan $plan): ?PlannedTank
    {
        $rig = $plan->load->rig;
        $sizes = $rig->sizes();
        $slice = Box::at([1000 * $rig->bodyFromM(), -500 * $sizes->widthM, 1000 * $tank->zM], [1000 * $sizes->lengthM, 1000 * $sizes->widthM, $tank->heightMm]);
        $at = PlaceInBay::freeIn($slice, $tank, $plan);

        return null === $at ? null : $tank->movedTo(round(($at[0] + $tank->rowMm() / 2) / 1000, 4), round(($at[1] + $tank->widthMm / 2) / 1000, 4));
    }

    /** The same tank standing on the rig's floor. */
    public static function onFloor(PlannedTank $tank, PlannedRig $rig): PlannedTank
    {
        return PartFields::changed($tank, ['zM' => $rig->sizes()->floorM]);
    }

    /** Gives a tank the place and size of $to; null where that would take it out of its bay into nowhere. */
    public static function fix(Phrase $label, TankWorking $working, PlannedTank $to, Plan $plan): ?Fix
    {
        $bay = $plan->bayOf($to);

        return null !== $bay && !PlaceInBay::isWithin($to, $bay, $plan) ? null : new Fix($label, self::patch($working, $to));
    }

    private static function patch(TankWorking $working, PlannedTank $to): PlanPatch
    {
        $tank = $working->tank;
        $patches = [];
        foreach ([
            ['length_mm', $tank->lengthMm, $to->lengthMm],
            ['width_mm', $tank->widthMm, $to->widthMm],
            ['x_m', $tank->xM, $to->xM],
            ['y_m', $tank->yM, $to->yM],
            ['z_m', $tank->zM, $to->zM],
        ] as [$key, $from, $value]) {
            if ($from !== $value) {
                $patches[] = PlanPatch::replace($working->pointer().'/'.$key, $value);
            }
        }
        if ($tank->ports !== $to->ports) {
            $patches[] = PlanPatch::replace($working->pointer().'/ports', $to->ports);
        }
        if (null !== $to->arch && $tank->arch !== $to->arch) {
            $patches[] = PlanPatch::replace($working->pointer().'/arch', $to->arch);
        }
        if ($tank->bay !== $to->bay && null !== $to->bay) {
            $patches[] = PlanPatch::set($working->pointer().'/bay', $to->bay, null !== $tank->bay);
        }

        return PlanPatch::all($patches);
    }

    /** Sets every field of a tank's place, so that it has the same effect after another such patch. */
    public static function place(TankWorking $working, PlannedTank $to): PlanPatch
    {
        $patches = [];
        foreach ([
            'length_mm' => $to->lengthMm,
            'width_mm' => $to->widthMm,
            'x_m' => $to->xM,
            'y_m' => $to->yM,
            'z_m' => $to->zM,
            'ports' => $to->ports,
        ] as $key => $value) {
            $patches[] = PlanPatch::replace($working->pointer().'/'.$key, $value);
        }

        if (null !== $to->arch) {
            $patches[] = PlanPatch::replace($working->pointer().'/arch', $to->arch);
        }

        return PlanPatch::all(null === $to->bay ? $patches : [...$patches, PlanPatch::add($working->pointer().'/bay', $to->bay)]);
    }

    /**
     * Whether neither the tank nor its fittings stand in anything.
     *
     * @param list<Box> $obstacles
     */
    public static function isFree(PlannedTank $tank, array $obstacles): bool
    {
        foreach ([...$tank->solids(), ...$tank->fittings()] as $box) {
            foreach ($obstacles as $obstacle) {
                if ($box->overlapMm($obstacle) > self::NOTHING_MM) {
                    return false;
                }
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

    /**
     * A tank on the floor, a fixed one in the first bay that takes it; null where there is no free place for it.
     *
     * @param float|null $nearM as near as it can be to this place along the rig, in or out of a bay
     */
    public static function added(PlannedTank $tank, Plan $plan, ?float $nearM = null): ?PlanPatch
    {
        $names = array_map(static fn (PlannedTank $one): string => $one->name, $plan->tanks);
        $named = self::onFloor($tank->named(FreeName::of($tank->name, $names)), $plan->load->rig);
        $settled = match (true) {
            \count($plan->tanks) >= Plan::MOST_TANKS => null,
            null !== $nearM => self::besideIt($named->movedTo($nearM, 0.0), $plan),
            default => self::inABay($named, $plan) ?? self::settled($named, $plan),
        };

        return null === $settled ? null : PlanPatch::append('/tanks', $settled);
    }

    /** A fixed tank in the first bay that takes it. */
    private static function inABay(PlannedTank $tank, Plan $plan): ?PlannedTank
    {
        foreach (TankMounting::Fixed === $tank->form ? $plan->bays : [] as $bay) {
            $standing = 0.0 === PlaceInBay::tooLargeMm($tank, $bay) ? PlaceInBay::nearest($tank, $bay, $plan) : null;
            if (null !== $standing) {
                return $standing;
            }
        }

        return null;
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
