<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Rule;

use YardCask\Core\Assessment\Finding;
use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Measure;
use YardCask\Core\Assessment\RuleOfSections;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Stage\Parts\Drilling\DrilledPort;
use YardCask\Core\Stage\Parts\Edit\HoleMoves;
use YardCask\Core\Stage\Parts\PartsFinding;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\SnagText;

/** A hole in a tank that cannot be drilled where the plan has it, or would leak there. */
final class HolesCrowded implements RuleOfSections
{
    public static function sections(): array
    {
        return ['rig', 'things', 'bays', 'tanks'];
    }

    public function check(Workings $workings): array
    {
        $crowded = array_values(array_filter(DrilledPort::all($workings), static fn (DrilledPort $one): bool => $one->missingMm > 0.0));
        usort($crowded, static fn (DrilledPort $a, DrilledPort $b): int => $b->missingMm <=> $a->missingMm);
        $worst = $crowded[0] ?? null;
        if (null === $worst) {
            return [];
        }

        return [new Finding(
            PartsFinding::HoleCrowded,
            array_map(static fn (DrilledPort $one): string => $one->port->id, $crowded),
            new Measure($worst->missingMm, 0.0, 'mm'),
            new SnagText('parts.hole-crowded.title', 'parts.hole-crowded.why', [
                'count' => \count($crowded),
                'port' => $worst->port->name,
                'tank' => $worst->tank->name,
                'hole' => Amount::mm($worst->figures->holeMm),
                'fitting' => $worst->fitting->name,
                'room_missing' => Amount::mm($worst->missingMm),
            ]),
            static fn (): array => self::moved($workings),
        )];
    }

    /** @return list<Fix> all of them to where they have room; none where one finds no room on its face */
    private static function moved(Workings $workings): array
    {
        $moves = HoleMoves::in($workings);
        $first = $moves->moves[0][0] ?? null;
        if (null === $first || !$moves->isAll) {
            return [];
        }
        $with = ['count' => \count($moves->moves), 'port' => $first->name, 'along' => Amount::mm($first->alongMm), 'up' => Amount::mm($first->upMm)];

        return [new Fix(new Phrase('parts.fix.hole-moved', $with), $moves->patch())];
    }
}
