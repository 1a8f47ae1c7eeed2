<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Catalogue\Fitting\TankFittingFigures;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\Face;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Stage\Tanks\Shared\RunWorkings;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** Every hole of a plan: in its tanks, in the outer wall for fills, vents and inlets, and in the worktop for taps. */
final class DrillList
{
    /** @return list<Hole> */
    public static function of(Workings $workings): array
    {
        return [
            ...array_map(self::inTank(...), DrilledPort::all($workings)),
            ...array_values(self::ofHoses($workings)),
            ...array_values(PartHoles::all($workings)),
        ];
    }

    /** @return array<string, Hole> in the outer wall, by the ids of the hoses that end there and of the parts that are set into it */
    public static function inWalls(Workings $workings): array
    {
        return self::ofHoses($workings) + array_filter(PartHoles::all($workings), static fn (Hole $one): bool => HoleIn::OuterWall === $one->in);
    }

    /** @return array<string, Hole> by the ids of the hoses */
    private static function ofHoses(Workings $workings): array
    {
        $holes = [];
        foreach ($workings->of(RunWorkings::class)->all as $run) {
            $fitting = self::fitting($run->run?->fitting, $workings);
            $points = $run->points();
            if (null !== $fitting && null !== $run->run && RunEnd::Outside === $run->run->end && \count($points) > 1) {
                $holes[$run->run->id] = self::inWall($run->run->name, $points[\count($points) - 1], $fitting, $workings);
            }
        }

        return $holes;
    }

    /** @return array{StockFitting, TankFittingFigures}|null */
    private static function fitting(?string $id, Workings $workings): ?array
    {
        $fitting = null === $id ? null : $workings->stock->fittings()[$id] ?? null;

        return $fitting?->figures instanceof TankFittingFigures ? [$fitting, $fitting->figures] : null;
    }

    private static function inTank(DrilledPort $drilled): Hole
    {
        [$port, $tank] = [$drilled->port, $drilled->tank];
        $size = $tank->body()->sizeMm();
        [$isLid, $isAcross] = [2 === $port->face->axis(), 0 === $port->face->axis()];
        [$lengthMm, $heightMm] = [$isAcross ? $size[1] : $size[0], $isLid ? $size[1] : $size[2]];
        $isFarAlong = $port->alongMm > $lengthMm / 2;
        $isFarUp = $port->upMm > $heightMm / 2;
        $at = $port->atMm($size);
        $low = $tank->body()->low;

        return new Hole(
            for: $port->name,
            what: new Phrase('parts.hole.tank', ['port' => $port->name, 'tank' => $tank->name]),
            where: new Phrase('parts.hole.where.tank', [
                'face' => $port->face,
                'along' => Amount::mm($isFarAlong ? $lengthMm - $port->alongMm : $port->alongMm),
                'edge_along' => $isAcross ? ($isFarAlong ? Face::Right : Face::Left) : ($isFarAlong ? Face::Rear : Face::Front),
                'up' => Amount::mm($isFarUp ? $heightMm - $port->upMm : $port->upMm),
                'edge_up' => $isLid ? ($isFarUp ? 'right' : 'left') : ($isFarUp ? 'lid' : 'floor'),
            ]),
            holeMm: $drilled->figures->holeMm,
            fitting: $drilled->fitting->name,
            in: HoleIn::Tank,
            missingMm: $drilled->missingMm,
            at: new RunPoint(($low[0] + $at[0]) / 1000, ($low[1] + $at[1]) / 1000, ($low[2] + $at[2]) / 1000),
        );
    }

    /** @param array{StockFitting, TankFittingFigures} $fitting */
    private static function inWall(string $run, RunPoint $at, array $fitting, Workings $workings): Hole
    {
        return new Hole(
            for: $run,
            what: new Phrase('parts.hole.wall', ['item' => $run]),
            where: WallHole::where($at, $workings),
            holeMm: $fitting[1]->holeMm,
            fitting: $fitting[0]->name,
            in: HoleIn::OuterWall,
            missingMm: 0.0,
            at: $at,
            plate: WallHole::plate($fitting[1]->holeMm, $at, $workings),
        );
    }
}
