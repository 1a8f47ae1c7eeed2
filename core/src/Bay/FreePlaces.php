<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/**
 * Where the low corner of a tank may lie: within a range along each axis, and in none of the open boxes in which it would
 * run into something (the obstruction less the part of the tank that meets it, Minkowski's difference).
 *
 * What lies lowest, nearest or farthest out touches something: along each axis a place lies at the end of its range or at
 * the face of a forbidden box. Trying those places alone is exact. Source: Lozano-Pérez, configuration space (1983).
 */
final readonly class FreePlaces
{
    private const NOTHING_MM = 1e-7;

    /**
     * @param array{float, float, float} $least
     * @param array{float, float, float} $most
     * @param list<Box> $forbidden
     */
    private function __construct(
        private array $least,
        private array $most,
        private array $forbidden,
    ) {
    }

    /** @param array{float, float, float} $bayMm */
    public static function of(TurnedTank $tank, array $bayMm, Box ...$obstructions): self
    {
        $least = $most = [0.0, 0.0, 0.0];
        foreach ([0, 1, 2] as $axis) {
            $least[$axis] = -min(array_map(static fn (Box $box): float => $box->low[$axis], $tank->solid));
            $most[$axis] = $bayMm[$axis] - max(array_map(static fn (Box $box): float => $box->high[$axis], $tank->solid));
        }
        $forbidden = [];
        foreach ($obstructions as $obstruction) {
            foreach ($tank->solid as $box) {
                $forbidden[] = new Box(
                    [$obstruction->low[0] - $box->high[0], $obstruction->low[1] - $box->high[1], $obstruction->low[2] - $box->high[2]],
                    [$obstruction->high[0] - $box->low[0], $obstruction->high[1] - $box->low[1], $obstruction->high[2] - $box->low[2]],
                );
            }
        }

        return new self($least, $most, $forbidden);
    }

    /** @return array{float, float, float}|null the lowest place, of those the nearest to the low corner */
    public function lowest(): ?array
    {
        foreach ($this->candidates(2, $this->forbidden) as $z) {
            $near = null;
            $here = $this->at(2, $z, $this->forbidden);
            foreach ($this->candidates(0, $here) as $x) {
                $y = $this->candidates(1, $this->at(0, $x, $here));
                $y = $this->firstFree(1, $y, $this->at(0, $x, $here));
                if (null !== $y && (null === $near || hypot($x, $y) < hypot($near[0], $near[1]) - self::NOTHING_MM)) {
                    $near = [$x, $y, $z];
                }
            }
            if (null !== $near) {
                return $near;
            }
        }

        return null;
    }

    /**
     * Free space falls into boxes along the axes; the nearest point of a box lies, along each axis, where it was wanted or at a face.
     *
     * @param array{float, float, float} $to
     *
     * @return array{float, float, float}|null the free place nearest to another
     */
    public function nearest(array $to): ?array
    {
        $best = null;
        $least = \INF;
        foreach ($this->around(2, $to[2], $this->forbidden) as $z) {
            $here = $this->at(2, $z, $this->forbidden);
            foreach ($this->around(0, $to[0], $here) as $x) {
                $there = $this->at(0, $x, $here);
                $y = $this->firstFree(1, $this->around(1, $to[1], $there), $there);
                $away = null === $y ? \INF : hypot(hypot($x - $to[0], $y - $to[1]), $z - $to[2]);
                if (null !== $y && $away < $least - self::NOTHING_MM) {
                    [$best, $least] = [[$x, $y, $z], $away];
                }
            }
        }

        return $best;
    }

    /**
     * How far one wall has to move out.
     *
     * @param int $axis 0, 1, 2
     * @param bool $high whether it is the wall at the far end of that axis
     */
    public function missingMm(int $axis, bool $high): ?float
    {
        [$one, $other] = [[1, 2], [0, 2], [0, 1]][$axis];
        // The walls at the other axes stay; the corner itself may lie anywhere beyond.
        $places = array_map(static fn (Box $box): float => $high ? $box->high[$axis] : $box->low[$axis], $this->forbidden);
        $places[] = $high ? $this->least[$axis] : $this->most[$axis];
        $places = array_filter(
            $places,
            fn (float $place): bool => $high ? $place >= $this->least[$axis] - self::NOTHING_MM : $place <= $this->most[$axis] + self::NOTHING_MM,
        );
        $high ? sort($places) : rsort($places);
        foreach ($places as $place) {
            $here = $this->at($axis, $place, $this->forbidden);
            foreach ($this->candidates($one, $here) as $first) {
                $there = $this->at($one, $first, $here);
                if (null !== $this->firstFree($other, $this->candidates($other, $there), $there)) {
                    return $high ? $place - $this->most[$axis] : $this->least[$axis] - $place;
                }
            }
        }

        return null;
    }

    /**
     * @param list<Box> $forbidden
     *
     * @return list<float> the places along an axis at which something can be met, ascending, within its range
     */
    private function candidates(int $axis, array $forbidden): array
    {
        if ($this->most[$axis] < $this->least[$axis] - self::NOTHING_MM) {
            return [];
        }
        $places = [$this->least[$axis]];
        foreach ($forbidden as $box) {
            if ($box->high[$axis] > $this->least[$axis] && $box->high[$axis] <= $this->most[$axis] + self::NOTHING_MM) {
                $places[] = $box->high[$axis];
            }
        }
        sort($places);

        return array_values(array_unique($places, \SORT_REGULAR));
    }

    /**
     * @param list<Box> $forbidden
     *
     * @return list<float> where it is wanted, and the places along an axis at which something can be met from either side, the nearest first, within its range
     */
    private function around(int $axis, float $to, array $forbidden): array
    {
        if ($this->most[$axis] < $this->least[$axis] - self::NOTHING_MM) {
            return [];
        }
        $places = [max($this->least[$axis], min($this->most[$axis], $to))];
        foreach ($forbidden as $box) {
            foreach ([$box->low[$axis], $box->high[$axis]] as $face) {
                if ($face >= $this->least[$axis] && $face <= $this->most[$axis]) {
                    $places[] = $face;
                }
            }
        }
        usort($places, static fn (float $a, float $b): int => abs($a - $to) <=> abs($b - $to));

        return $places;
    }

    /**
     * @param list<Box> $forbidden
     *
     * @return list<Box> those that a place along an axis lies within
     */
    private function at(int $axis, float $place, array $forbidden): array
    {
        return array_values(
            array_filter(
                $forbidden,
                static fn (Box $box): bool => $box->low[$axis] < $place - self::NOTHING_MM && $place + self::NOTHING_MM < $box->high[$axis],
            ),
        );
    }

    /**
     * @param list<float> $places ascending
     * @param list<Box> $forbidden that are met along the other two axes
     */
    private function firstFree(int $axis, array $places, array $forbidden): ?float
    {
        foreach ($places as $place) {
            if ([] === $this->at($axis, $place, $forbidden)) {
                return $place;
            }
        }

        return null;
    }
}
