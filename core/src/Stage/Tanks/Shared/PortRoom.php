<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** The room before a port, for its fitting and for a hand. */
final class PortRoom
{
    /** A fitting that lacks less has its room. */
    public const NOTHING_MM = 0.5;
    /** Before a face, for a hand with a spanner. */
    private const HAND_MM = 120.0;

    /**
     * How much of the room for its fitting is taken, in mm; at most all of it, even if the tank itself is through a wall.
     *
     * @param list<Box>|null $obstacles what the tank cannot go through, where that is known already
     */
    public static function missingMm(PlannedPort $port, PlannedTank $tank, Plan $plan, ?array $obstacles = null): float
    {
        $room = $port->room($tank->body()->sizeMm())->moved($tank->body()->low);
        $bay = $plan->bayOf($tank);
        $beyond = null === $bay ? null : $room->beyond($bay->space($plan->load->rig));
        // Only along the way it stands out: sideways it reaches no further than the tank.
        $axis = $port->face->axis();
        $missing = null === $beyond ? 0.0 : max($beyond->low[$axis], $beyond->high[$axis]);
        foreach ($obstacles ?? Obstacles::to($tank, $plan) as $box) {
            $missing = max($missing, $room->overlapMm($box));
        }

        return min($missing, $port->roomMm);
    }

    /** Whether a hand can reach the port with the tank in its bay, through the opening or in front of its face. */
    public static function isReached(PlannedPort $port, PlannedTank $tank, Plan $plan): bool
    {
        $bay = $plan->bayOf($tank);

        return null === $bay
            || $bay->opening === $port->face
            || $bay->reach->from($port->face)
            || self::missingMm(PartFields::changed($port, ['roomMm' => max($port->roomMm, self::HAND_MM)]), $tank, $plan) <= 0.0;
    }

    /** The port in the middle of another face, as high as it was where that face has a height. */
    public static function movedTo(Face $face, PlannedPort $port, PlannedTank $tank): PlannedPort
    {
        $size = $tank->body()->sizeMm();
        [$along, $up] = match ($face->axis()) {
            0 => [$size[1] / 2, min($port->upMm, $size[2])],
            1 => [$size[0] / 2, min($port->upMm, $size[2])],
            default => [$size[0] / 2, $size[1] / 2],
        };

        return PartFields::changed($port, ['face' => $face, 'alongMm' => $along, 'upMm' => $up]);
    }
}
