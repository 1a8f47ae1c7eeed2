<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Catalogue\Fitting\TankFittingFigures;
use YardCask\Core\Catalogue\Fitting\TankFittingSearch;
use YardCask\Core\Catalogue\Fitting\TankHole;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** Where on the faces of a tank a hole can be drilled: it and the seal round it need room to every edge and to every other hole. */
final readonly class HolePlaces
{
    /** A hole that lacks less has its room. */
    private const NOTHING_MM = 0.06;

    private TankFittingSearch $search;

    public function __construct(
        private PlannedTank $tank,
        private PartStock $stock,
    ) {
        $this->search = new TankFittingSearch($stock);
    }

    /** How much room the hole of a port lacks, to the edge or to the other hole that leaves it least; in mm, 0 where it has enough. */
    public function missingMm(PlannedPort $port): float
    {
        $roomMm = $this->roomMm($port);
        [$lengthMm, $heightMm] = $this->faceMm($port);
        $missing = $roomMm - min($port->alongMm, $lengthMm - $port->alongMm, $port->upMm, $heightMm - $port->upMm);
        foreach ($this->others($port) as $other) {
            $missing = max($missing, $roomMm + $this->roomMm($other) - hypot($port->alongMm - $other->alongMm, $port->upMm - $other->upMm));
        }

        return $missing > self::NOTHING_MM ? $missing : 0.0;
    }

    /** The port at a place of its face that has room for its hole: as high as before if it can be, and as near as it can be; null where there is none. */
    public function freed(PlannedPort $port): ?PlannedPort
    {
        $roomMm = $this->roomMm($port);
        [$lengthMm, $heightMm] = $this->faceMm($port);
        $within = static fn (float $mm, float $sizeMm): float => round(max($roomMm, min($sizeMm - $roomMm, $mm)), 1);
        foreach (self::nearestFirst($port->upMm, $this->clearOf($port, static fn (PlannedPort $one): float => $one->upMm)) as $upMm) {
            foreach (self::nearestFirst($port->alongMm, $this->clearOf($port, static fn (PlannedPort $one): float => $one->alongMm)) as $alongMm) {
                $moved = PartFields::changed($port, ['alongMm' => $within($alongMm, $lengthMm), 'upMm' => $within($upMm, $heightMm)]);
                if (0.0 === $this->missingMm($moved)) {
                    return $moved;
                }
            }
        }

        return null;
    }

    /**
     * @param \Closure(PlannedPort): float $at along or up
     *
     * @return list<float> on both sides of every other hole, just clear of it
     */
    private function clearOf(PlannedPort $port, \Closure $at): array
    {
        $places = [];
        foreach ($this->others($port) as $other) {
            $apartMm = ceil($this->roomMm($port) + $this->roomMm($other));
            array_push($places, $at($other) - $apartMm, $at($other) + $apartMm);
        }

        return $places;
    }

    /**
     * @param list<float> $places
     *
     * @return list<float> the wanted one before them
     */
    private static function nearestFirst(float $wanted, array $places): array
    {
        usort($places, static fn (float $a, float $b): int => abs($a - $wanted) <=> abs($b - $wanted));

        return [$wanted, ...$places];
    }

    /** @return list<PlannedPort> in the same face */
    private function others(PlannedPort $port): array
    {
        $isThere = static fn (PlannedPort $one): bool => $one->id !== $port->id && $one->face === $port->face && $one->drilled;

        return array_values(array_filter($this->tank->ports, $isThere));
    }

    /** From the middle of its hole, with its seal; of a port without a fitting as with the one that would be chosen. */
    private function roomMm(PlannedPort $port): float
    {
        $figures = null === $port->fitting ? null : ($this->stock->fittings()[$port->fitting] ?? null)?->figures;

        return $figures instanceof TankFittingFigures
            ? TankHole::fromTheEdgeMm($figures->holeMm)
            : $this->search->fromTheEdgeMm($port->boreMm, $this->tank->holds->takesWaste());
    }

    /** @return array{float, float} the size of its face, along and up as a port has them */
    private function faceMm(PlannedPort $port): array
    {
        [$lengthMm, $widthMm, $heightMm] = $this->tank->body()->sizeMm();

        return match ($port->face->axis()) {
            0 => [$widthMm, $heightMm],
            1 => [$lengthMm, $heightMm],
            default => [$lengthMm, $widthMm],
        };
    }
}
