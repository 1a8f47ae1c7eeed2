<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Assessment\Fix;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Bay\Box;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Load\ThingNeed;
use YardCask\Core\Plan\PlanPatch;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Tanks\Shared\InTheWay;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A part of the line moved straight away from something that it may not be in, over or near to. */
final class PartMoves
{
    private const MOST = 3;
    /** From the middle of a part to its side, about. */
    private const HALF_MM = 60.0;

    /** @return list<Fix> each way in which there is room, the nearest first */
    public static function away(PlannedPart $part, int $index, InTheWay $thing, Workings $workings): array
    {
        $at = [1000 * ($part->xM ?? 0.0), 1000 * ($part->yM ?? 0.0), 1000 * $part->zM];
        $others = array_map(static fn (InTheWay $one): Box => $one->zone(self::HALF_MM), InTheWay::all($workings->plan));
        $zone = $thing->zone(self::HALF_MM);
        $rig = $workings->plan->load->rig;
        $sizes = $rig->sizes();
        // A part on one side of the floor stays on that side.
        [$lowM, $highM] = $part->zM >= $sizes->floorM ? [$sizes->floorM, $sizes->heightM] : [0.0, $sizes->floorM];
        $within = new Box(
            [1000 * $rig->bodyFromM(), -500 * $sizes->widthM, 1000 * $lowM],
            [1000 * ($rig->bodyFromM() + $sizes->lengthM), 500 * $sizes->widthM, 1000 * $highM],
        );
        $moves = [];
        foreach ([0, 1, 2] as $axis) {
            foreach ([floor($zone->low[$axis]), ceil($zone->high[$axis])] as $mm) {
                $to = $at;
                $to[$axis] = $mm;
                $point = new RunPoint($to[0] / 1000, $to[1] / 1000, $to[2] / 1000);
                $isFree = [] === array_filter($others, static fn (Box $box): bool => $point->isInside($box));
                // Upward nothing gets out from above what must stay dry.
                if ($isFree && $point->isInside($within) && !(2 === $axis && $mm > $at[2] && ThingNeed::Dry === $thing->need)) {
                    $moves[] = [$axis, $mm - $at[$axis], $mm / 1000];
                }
            }
        }
        usort($moves, static fn (array $a, array $b): int => abs($a[1]) <=> abs($b[1]));

        return array_map(static fn (array $move): Fix => self::fix($part, $index, ...$move), \array_slice($moves, 0, self::MOST));
    }

    private static function fix(PlannedPart $part, int $index, int $axis, float $byMm, float $toM): Fix
    {
        $way = [['forward', 'back'], ['left', 'right'], ['down', 'up']][$axis][$byMm > 0 ? 1 : 0];

        return new Fix(
            new Phrase('line.fix.move-part', ['part' => $part->spoken(), 'by' => Amount::mm(abs($byMm)), 'way' => $way]),
            PlanPatch::replace('/line/parts/'.$index.'/'.['x_m', 'y_m', 'z_m'][$axis], $toM),
        );
    }
}
