<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Words\Phrase;

/** The holes that parts of the line are set into: inlets and outside points in the outer wall, taps in the worktop. */
final class PartHoles
{
    private const IN_THE_OUTER_WALL = [PartKind::MainsInlet, PartKind::OutsidePoint, PartKind::WallVent];

    /** @return array<string, Hole> by the ids of the parts; of those of the catalogue that need one */
    public static function all(Workings $workings): array
    {
        $holes = [];
        foreach ($workings->plan->line->parts as $part) {
            $stock = null === $part->stock ? null : $workings->stock->part($part->stock);
            if (null !== $stock?->holeMm) {
                $holes[$part->id] = self::hole($part, $stock->name, $stock->holeMm, $workings);
            }
        }

        return $holes;
    }

    private static function hole(PlannedPart $part, string $fitting, float $holeMm, Workings $workings): Hole
    {
        $isOutside = \in_array($part->kind, self::IN_THE_OUTER_WALL, true);
        $at = null === $part->xM || null === $part->yM ? null : new RunPoint($part->xM, $part->yM, $part->zM);
        $where = null === $at ? new Phrase('parts.hole.where.unplaced') : WallHole::where($at, $workings);

        return new Hole(
            for: $part->name,
            what: new Phrase($isOutside ? 'parts.hole.wall' : 'parts.hole.worktop', ['item' => $part->name]),
            where: $isOutside ? $where : new Phrase('parts.hole.where.worktop', ['where' => $where]),
            holeMm: $holeMm,
            fitting: $fitting,
            in: $isOutside ? HoleIn::OuterWall : HoleIn::Worktop,
            missingMm: 0.0,
            at: $at,
            plate: $isOutside ? WallHole::plate($holeMm, $at, $workings) : null,
            partId: $part->id,
        );
    }
}
