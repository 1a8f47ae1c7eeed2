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
                $low = [$obstruction->low[0] - $box->high[0], $obstruction->low[1] - $box->high[1], $obstruction->low[2] - $box->high[2]];
                $high = [$obstruction->high[0] - $box->low[0], $obstruction->high[1] - $box->low[1], $obstruction->high[2] - $box->low[2]];
                // Each once: what stands in two lists, or two parts of the tank alike, forbid the same.
                $forbidden[implode(' ', [...$low, ...$high])] = new Box($low, $high);
            }
        }

        return new self($least, $most, array_values($forbidden));
    }

    /** @return array{float, float, float}|null the lowest place, of those the nearest to the low corner */
    public function lowest(): ?array
    {
        foreach ($this->candidates(2, $this->forbidden) as $z) {
            $near = null;
            $here = $this->at(2, $z, $this->forbidden);
            foreach ($this->candidates(0, $here) as $x) {
                $y = $this->firstFree(1, $this->at(0, $x, $here));
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
        // What lies free along the third axis depends only on what is met along the other two.
        $known = [];
        foreach ($this->around(2, $to[2], $this->forbidden) as $z) {
            if (abs($z - $to[2]) >= $least - self::NOTHING_MM) {
                break;
            }
            $here = $this->at(2, $z, $this->forbidden);
            foreach ($this->around(0, $to[0], $here) as $x) {
                if (hypot($x - $to[0], $z - $to[2]) >= $least - self::NOTHING_MM) {
                    break;
                }
                $there = $this->at(0, $x, $here);
                $met = implode(' ', array_keys($there));
                if (!\array_key_exists($met, $known)) {
                    $known[$met] = $this->nearestFree(1, $to[1], $there);
                }
                $y = $known[$met];
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
        $places = array_unique(
            array_filter(
                $places,
                fn (float $place): bool => $high ? $place >= $this->least[$axis] - self::NOTHING_MM : $place <= $this->most[$axis] + self::NOTHING_MM,
            ),
            \SORT_REGULAR,
        );
        $high ? sort($places) : rsort($places);
        // Where the same is met as at a place before, there is no more room than there.
        $full = [];
        foreach ($places as $place) {
            $here = $this->at($axis, $place, $this->forbidden);
            $met = implode(' ', array_keys($here));
            foreach (isset($full[$met]) ? [] : $this->candidates($one, $here) as $first) {
                if (null !== $this->firstFree($other, $this->at($one, $first, $here))) {
                    return $high ? $place - $this->most[$axis] : $this->least[$axis] - $place;
                }
            }
            $full[$met] = true;
        }

        return null;
    }

    /**
     * @param array<int, Box> $forbidden
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
     * @param array<int, Box> $forbidden
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
        $places = array_values(array_unique($places, \SORT_REGULAR));
        usort($places, static fn (float $a, float $b): int => abs($a - $to) <=> abs($b - $to));

        return $places;
    }

    /**
     * Along the stretches that boxes forbid, those that overlap as one: where it is wanted, or the nearest end of the stretch around it.
     *
     * @param array<int, Box> $forbidden that are met along the other two axes
     */
    private function nearestFree(int $axis, float $to, array $forbidden): ?float
    {
        if ($this->most[$axis] < $this->least[$axis] - self::NOTHING_MM) {
            return null;
        }
        $wanted = max($this->least[$axis], min($this->most[$axis], $to));
        $stretches = array_map(static fn (Box $box): array => [$box->low[$axis], $box->high[$axis]], $forbidden);
        usort($stretches, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $joined = [];
        foreach ($stretches as [$low, $high]) {
            $last = \count($joined) - 1;
            if ($last >= 0 && $low < $joined[$last][1] - self::NOTHING_MM) {
                $joined[$last][1] = max($joined[$last][1], $high);
            } else {
                $joined[] = [$low, $high];
            }
        }
        foreach ($joined as [$low, $high]) {
            if ($low < $wanted - self::NOTHING_MM && $wanted + self::NOTHING_MM < $high) {
                $ends = array_filter([$low, $high], fn (float $end): bool => $end >= $this->least[$axis] && $end <= $this->most[$axis]);
                usort($ends, static fn (float $a, float $b): int => abs($a - $to) <=> abs($b - $to));

                return $ends[0] ?? null;
            }
        }

        return $wanted;
    }

    /**
     * @param array<int, Box> $forbidden
     *
     * @return array<int, Box> those that a place along an axis lies within
     */
    private function at(int $axis, float $place, array $forbidden): array
    {
        $within = [];
        foreach ($forbidden as $number => $box) {
            if ($box->low[$axis] < $place - self::NOTHING_MM && $place + self::NOTHING_MM < $box->high[$axis]) {
                $within[$number] = $box;
            }
        }

        return $within;
    }

    /** @param array<int, Box> $forbidden that are met along the other two axes */
    private function firstFree(int $axis, array $forbidden): ?float
    {
        $stretches = array_map(static fn (Box $box): array => [$box->low[$axis], $box->high[$axis]], $forbidden);
        usort($stretches, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $place = $this->least[$axis];
        foreach ($stretches as [$low, $high]) {
            if ($low >= $place - self::NOTHING_MM) {
                break;
            }
            $place = $place + self::NOTHING_MM < $high ? $high : $place;
        }

        return $place <= $this->most[$axis] + self::NOTHING_MM ? $place : null;
    }
}
