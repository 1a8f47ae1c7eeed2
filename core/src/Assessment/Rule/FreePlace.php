<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment\Rule;

use YardCask\Core\Assessment\TankProposal;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\PlannedLoad;
use YardCask\Core\Plan\PlannedTank;
use YardCask\Core\Plan\PlannedUse;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Supply;

/** Finds room on the rig's floor for tanks and cans that a fix adds. */
final class FreePlace
{
    private const STEP_M = 0.05;

    public static function addCans(Plan $plan, Supply $supply, int $count): PlanPatch
    {
        $body = $plan->load->rig->body();
        $taken = $plan->tanks;
        $patch = null;
        for ($i = 0; $i < $count; ++$i) {
            $id = TankProposal::freeId(Supply::Drinking === $supply ? 'drinking' : 'can', self::ids($plan, $taken));
            $can = self::settle(TankProposal::can($id, $supply, 0.0, 0.0, $body->floorM), $plan, $taken);
            $taken[] = $can;
            $append = PlanPatch::append('/tanks', $can);
            $patch = null === $patch ? $append : $patch->and($append);
        }

        return $patch ?? throw new \LogicException('At least one can is added.');
    }

    /** A tank along the left side that gives $usableL. */
    public static function addTank(Plan $plan, float $usableL): PlanPatch
    {
        $body = $plan->load->rig->body();
        $id = TankProposal::freeId('tank', self::ids($plan, $plan->tanks));
        $tank = TankProposal::fixed($id, $usableL, 400.0, 320.0, min(2500.0, $body->lengthM * 1000 / 2), 0.0, 0.0, $body->floorM);

        return PlanPatch::append('/tanks', self::settle($tank, $plan, $plan->tanks));
    }

    /**
     * The same tank at the free place nearest to the middle of the rig: on the centreline first, then to either side.
     *
     * @param list<PlannedTank> $taken
     */
    public static function settle(PlannedTank $tank, Plan $plan, array $taken): PlannedTank
    {
        $body = $plan->load->rig->body();
        $middleM = $plan->load->rig->bodyFromM() + $body->lengthM / 2;
        $roomAlongM = ($body->lengthM - $tank->lengthMm / 1000) / 2;
        $roomAcrossM = ($body->widthM - $tank->widthMm / 1000) / 2;
        for ($along = 0.0; $along <= max(0.0, $roomAlongM); $along += self::STEP_M) {
            foreach ([0.0, -$roomAcrossM, $roomAcrossM] as $yM) {
                foreach ([$middleM + $along, $middleM - $along] as $xM) {
                    $candidate = $tank->movedTo(round($xM, 2), round($yM, 2));
                    if (self::isFree($candidate, $taken)) {
                        return $candidate;
                    }
                }
            }
        }

        return $tank->movedTo(round($middleM, 2), 0.0);
    }

    /** @param list<PlannedTank> $others */
    private static function isFree(PlannedTank $tank, array $others): bool
    {
        foreach ($others as $other) {
            if ($tank->overlapM($other) > 1e-6) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param list<PlannedTank> $tanks
     *
     * @return list<string>
     */
    private static function ids(Plan $plan, array $tanks): array
    {
        $parts = [...$plan->use->uses, ...$plan->load->loads, ...$tanks];

        return array_map(static fn (PlannedUse|PlannedLoad|PlannedTank $part): string => $part->id, $parts);
    }
}
