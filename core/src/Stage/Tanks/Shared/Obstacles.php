<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Bays\PlannedBay;
use YardCask\Core\Plan\Bays\PlannedObstruction;
use YardCask\Core\Plan\Load\PlannedThing;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** What a tank cannot go through, in mm of the rig. */
final class Obstacles
{
    /** @return list<Box> the other tanks, what stands in any bay, and what is fixed in the rig */
    public static function to(PlannedTank $tank, Plan $plan): array
    {
        $others = array_filter($plan->tanks, static fn (PlannedTank $one): bool => $one->id !== $tank->id);
        $boxes = array_merge(...array_map(static fn (PlannedTank $one): array => $one->solids(), array_values($others)));
        foreach ($plan->bays as $bay) {
            array_push($boxes, ...self::in($bay, $plan));
        }
        array_push($boxes, ...array_map(static fn (PlannedThing $thing): Box => $thing->body(), $plan->load->things));

        return $boxes;
    }

    /** @return list<Box> what stands in a bay, in its order */
    public static function in(PlannedBay $bay, Plan $plan): array
    {
        $corner = $bay->space($plan->load->rig)->low;

        return array_map(static fn (PlannedObstruction $one): Box => $one->body()->moved($corner), $bay->obstructions);
    }
}
