<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlannedUse;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;

/** Finds room on the rig's floor, and free ids, for what is added to a plan. */
final class FreePlace
{
    private const STEP_M = 0.05;

    public static function addCans(Plan $plan, Supply $supply, int $count): PlanPatch
    {
        $body = $plan->load->rig->body();
        $taken = $plan->tanks;
        $patch = null;
        for ($i = 0; $i < $count; ++$i) {
            $id = self::freeId(Supply::Drinking === $supply ? 'drinking' : 'can', $plan, $taken);
            $can = self::settle(TankProposal::can($id, $supply, 0.0, 0.0, $body->floorM), $plan, $taken);
            $taken[] = $can;
            $append = PlanPatch::append('/tanks', $can);
            $patch = null === $patch ? $append : $patch->and($append);
        }

        return $patch ?? throw new \LogicException('At least one can is added.');
    }

    /** A fixed tank that gives $usableL. */
    public static function addTank(Plan $plan, float $usableL): PlanPatch
    {
        $body = $plan->load->rig->body();
        $id = self::freeId('tank', $plan);
        $tank = TankProposal::fixed($id, $usableL, 400.0, 320.0, min(2500.0, $body->lengthM * 1000 / 2), 0.0, 0.0, $body->floorM);

        return PlanPatch::append('/tanks', self::settle($tank, $plan, $plan->tanks));
    }

    /**
     * The same tank at the free place nearest to the middle of the rig, to either side of what stands there before along it.
     *
     * @param list<PlannedTank> $taken
     */
    private static function settle(PlannedTank $tank, Plan $plan, array $taken): PlannedTank
    {
        $body = $plan->load->rig->body();
        $middleM = round($plan->load->rig->bodyFromM() + $body->lengthM / 2, 2);
        foreach (self::outward(($body->lengthM - $tank->lengthMm / 1000) / 2) as $alongM) {
            foreach (self::outward(($body->widthM - $tank->widthMm / 1000) / 2) as $acrossM) {
                $candidate = $tank->movedTo(round($middleM + $alongM, 3), $acrossM);
                if (self::isFree($candidate, $taken)) {
                    return $candidate;
                }
            }
        }

        return $tank->movedTo($middleM, 0.0);
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

    /** The same tank, or one of its id with other sizes, at a free place among the others of the plan. */
    public static function settleAmong(PlannedTank $tank, Plan $plan): PlannedTank
    {
        return self::settle($tank, $plan, self::others($tank, $plan));
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

    /**
     * An id that neither the plan nor $more uses yet: PREFIX-1, PREFIX-2 ….
     *
     * @param list<PlannedTank> $more
     */
    public static function freeId(string $prefix, Plan $plan, array $more = []): string
    {
        $parts = [...$plan->use->uses, ...$plan->load->loads, ...$plan->tanks, ...$more];
        $taken = array_map(static fn (PlannedUse|PlannedLoad|PlannedTank $part): string => $part->id, $parts);
        $number = 1;
        while (\in_array($prefix.'-'.$number, $taken, true)) {
            ++$number;
        }

        return $prefix.'-'.$number;
    }
}
