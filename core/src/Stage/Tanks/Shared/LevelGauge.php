<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\FreeName;
use YardCask\Core\Plan\FreeId;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Words\Phrase;

/** What shows the level in a tank: a sender in its top, or a sight tube on a side that can be seen. */
final class LevelGauge
{
    private const TUBE_BORE_MM = 10.0;
    private const FROM_THE_EDGE_MM = 40.0;
    private const ELBOW_MM = 40.0;

    /** Null where the tank has as many ports as it can. */
    public static function sender(TankWorking $working, Workings $workings): ?Fix
    {
        $fix = PortProposal::addition(PortRole::Gauge, $working, $workings);

        return null === $fix ? null : new Fix(new Phrase('tanks.fix.sender'), $fix->patch);
    }

    /** On the first side where its lower elbow has room, just above the bottom; null where there is none. */
    public static function sightTube(TankWorking $working, Workings $workings): ?Fix
    {
        $tank = $working->tank;
        $isFull = \count($tank->ports) >= PlannedTank::MOST_PORTS;
        foreach ($isFull ? [] : [Face::Left, Face::Right, Face::Front, Face::Rear] as $face) {
            $port = new PlannedPort(
                id: FreeId::of(PortRole::Gauge->value, $workings->plan),
                name: FreeName::of($workings->wording->text('tanks.new.sight-tube'), array_column($tank->ports, 'name')),
                role: PortRole::Gauge,
                face: $face,
                alongMm: self::FROM_THE_EDGE_MM,
                upMm: self::TUBE_BORE_MM,
                boreMm: self::TUBE_BORE_MM,
                roomMm: self::ELBOW_MM,
                drilled: true,
            );
            if (PortRoom::missingMm($port, $tank, $workings->plan) <= PortRoom::NOTHING_MM) {
                return new Fix(new Phrase('tanks.fix.sight-tube', ['face' => $face->word()]), PlanPatch::append($working->pointer().'/ports', $port));
            }
        }

        return null;
    }
}
