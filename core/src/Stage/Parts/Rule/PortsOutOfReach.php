<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Stage\Parts\Drilling\DrilledPort;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Stage\Tanks\Shared\PortMoves;
use YardCask\Core\Stage\Tanks\Shared\PortRoom;
use YardCask\Core\Words\SnagText;

/** A joint that no hand gets at with its tank in its bay: it cannot be tightened when it weeps. Only where the bay was measured. */
final class PortsOutOfReach implements RuleOfSections
{
    public static function sections(): array
    {
        return ['rig', 'things', 'bays', 'tanks'];
    }

    public function check(Workings $workings): array
    {
        $plan = $workings->plan;
        $shut = array_values(array_filter(
            DrilledPort::all($workings),
            static fn (DrilledPort $one): bool => true === $plan->bayOf($one->tank)?->taped && !PortRoom::isReached($one->port, $one->tank, $plan),
        ));
        $first = $shut[0] ?? null;
        if (null === $first) {
            return [];
        }

        return [new Finding(
            PartsFinding::PortOutOfReach,
            array_map(static fn (DrilledPort $one): string => $one->port->id, $shut),
            new Measure((float) \count($shut), 0.0, ''),
            new SnagText('parts.out-of-reach.title', 'parts.out-of-reach.why', [
                'count' => \count($shut),
                'port' => $first->port->name,
                'tank' => $first->tank->name,
            ]),
            static fn (): array => 1 === \count($shut)
                ? PortMoves::of($first->tank, $first->port, $workings, static fn (PlannedPort $there): bool => PortRoom::isReached($there, $first->tank, $plan))
                : [],
        )];
    }
}
