<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Stage\Parts\Drilling\DrilledPort;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Stage\Tanks\Shared\PortMoves;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\SnagText;

/** A fitting that stands out further than the plan says of its port, and for which there is no room there. */
final class FittingsCramped implements RuleOfSections
{
    public static function sections(): array
    {
        return ['rig', 'things', 'bays', 'tanks'];
    }

    public function check(Workings $workings): array
    {
        $worst = null;
        $ids = [];
        foreach (DrilledPort::all($workings) as $drilled) {
            $missingMm = self::missingMm($drilled->port, $drilled, $workings);
            if ($missingMm > 0.0) {
                $ids[] = $drilled->port->id;
                $worst = null === $worst || $missingMm > $worst[1] ? [$drilled, $missingMm] : $worst;
            }
        }
        if (null === $worst) {
            return [];
        }
        [$drilled, $missingMm] = $worst;

        return [new Finding(
            PartsFinding::FittingCramped,
            $ids,
            new Measure($missingMm, 0.0, 'mm'),
            new SnagText('parts.fitting-cramped.title', 'parts.fitting-cramped.why', [
                'count' => \count($ids),
                'port' => $drilled->port->name,
                'tank' => $drilled->tank->name,
                'fitting' => $drilled->fitting->name,
                'room' => Amount::mm($drilled->figures->roomMm),
                'room_missing' => Amount::mm($missingMm),
            ]),
            static function () use ($ids, $drilled, $workings): array {
                $does = static fn (PlannedPort $there): bool => 0.0 === self::missingMm($there, $drilled, $workings);

                return 1 === \count($ids) ? PortMoves::of($drilled->tank, $drilled->port, $workings, $does) : [];
            },
        )];
    }

    /** What the fitting lacks at a place, beyond what the plan says that the port needs. */
    private static function missingMm(PlannedPort $port, DrilledPort $drilled, Workings $workings): float
    {
        if ($drilled->figures->roomMm <= $port->roomMm) {
            return 0.0;
        }
        $missingMm = PortRoom::missingMm(PartFields::changed($port, ['roomMm' => $drilled->figures->roomMm]), $drilled->tank, $workings->plan);

        return $missingMm > PortRoom::NOTHING_MM ? $missingMm : 0.0;
    }
}
