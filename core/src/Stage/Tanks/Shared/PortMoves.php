<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Words\Phrase;

/** The ports of tanks on other faces, where their holes have room. */
final class PortMoves
{
    private const SIDES = [Face::Front, Face::Rear, Face::Left, Face::Right];
    private const MOST = 2;

    /**
     * @param \Closure(PlannedPort): bool $does whether a port would do there
     *
     * @return list<Fix> one for each face that would do
     */
    public static function of(PlannedTank $tank, PlannedPort $port, Workings $workings, \Closure $does): array
    {
        $places = new HolePlaces($tank, $workings->stock);
        $pointer = '/tanks/'.(int) array_search($tank, $workings->plan->tanks, true).'/ports/'.(int) array_search($port, $tank->ports, true);
        $fixes = [];
        // What drains or draws does not through the lid.
        foreach (\in_array($port->role, [PortRole::Drain, PortRole::Outlet], true) ? self::SIDES : [Face::Top, ...self::SIDES] as $face) {
            $moved = $face === $port->face ? null : $places->freed(PortRoom::movedTo($face, $port, $tank));
            if (null !== $moved && $does($moved)) {
                $label = new Phrase('tanks.fix.other-face', ['port' => $port->name, 'face' => $face->word()]);
                $fixes[] = new Fix($label, PlanPatch::replace($pointer, $moved));
            }
        }

        return \array_slice($fixes, 0, self::MOST);
    }
}
