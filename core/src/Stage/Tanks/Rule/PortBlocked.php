<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\Rule;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Stage\Tanks\Shared\BayFixes;
use YardCask\Core\Stage\Tanks\Shared\Obstacles;
use YardCask\Core\Stage\Tanks\Shared\PortMoves;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Stage\Tanks\Shared\TankRun;
use YardCask\Core\Stage\Tanks\TanksFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** The tank fits but its fitting does not: a wall, an obstruction or another tank is in the way. */
final class PortBlocked implements Rule
{
    public function check(Workings $workings): array
    {
        $findings = [];
        $obstacles = [];
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            $tank = $run->tank->tank;
            $obstacles[$tank->id] ??= Obstacles::to($tank, $workings->plan);
            $missingMm = PortRoom::missingMm($run->port, $tank, $workings->plan, $obstacles[$tank->id]);
            if ($missingMm > PortRoom::NOTHING_MM) {
                $findings[] = new Finding(
                    TanksFinding::PortBlocked,
                    [$tank->id, $run->port->id],
                    new Measure($missingMm, 0.0, 'mm'),
                    new SnagText('tanks.port-blocked.title', 'tanks.port-blocked.why', [
                        'port' => $run->port->name,
                        'tank' => $tank->name,
                        'face' => $run->port->face->word(),
                        'room' => Amount::mm($run->port->roomMm),
                        'room_missing' => Amount::mm($missingMm),
                    ]),
                    static fn (): array => [...BayFixes::of($run->tank, $workings), ...self::otherFaces($run, $workings)],
                );
            }
        }

        return $findings;
    }

    /** @return list<Fix> the port on another face, where there is room before it */
    private static function otherFaces(TankRun $run, Workings $workings): array
    {
        $tank = $run->tank->tank;

        return PortMoves::of(
            $tank,
            $run->port,
            $workings,
            static fn (PlannedPort $port): bool => PortRoom::missingMm($port, $tank, $workings->plan) <= PortRoom::NOTHING_MM,
        );
    }
}
