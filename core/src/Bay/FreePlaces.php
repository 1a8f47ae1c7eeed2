<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/**
 * Where the low corner of a tank may lie: within a range along each axis, and in none of the open boxes in which it would
 * run into something (the obstruction less the part of the tank that meets it, Minkowski's difference).
 *
 * The range is a cell, and the best place of a cell, were all of it free, is known. The cell with the best one is looked at first: where that
 * place is free, none is better; where a box forbids it, what is left of the cell beside that box is as many smaller cells.
 * Source: Lozano-Pérez, configuration space (1983); Land and Doig, branch and bound (1960).
 */
final readonly class FreePlaces
{
    /** Places as good as each other to so many digits of a mm are told apart by what comes next. */
    private const ALIKE_DIGITS = 6;

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
                $forbidden[] = new Box($low, $high);
            }
        }

        return new self($least, $most, $forbidden);
    }

    /** @return array{float, float, float}|null the lowest place, of those the nearest to the low corner */
    public function lowest(): ?array
    {
        return $this->best([0.0, 0.0, $this->least[2]], static fn (array $place): array => [$place[2], hypot($place[0], $place[1]), $place[0]]);
    }

    /**
     * @param array{float, float, float} $to
     *
     * @return array{float, float, float}|null the free place nearest to another, of those the nearest in height, then along the rig
     */
    public function nearest(array $to): ?array
    {
        return $this->best($to, static function (array $place) use ($to): array {
            [$x, $y, $z] = [abs($place[0] - $to[0]), abs($place[1] - $to[1]), abs($place[2] - $to[2])];

            return [hypot(hypot($x, $y), $z), $z, $x];
        });
    }

    /**
     * How far one wall has to move out.
     *
     * @param int $axis 0, 1, 2
     * @param bool $high whether it is the wall at the far end of that axis
     */
    public function missingMm(int $axis, bool $high): ?float
    {
        // The walls at the other axes stay. Beyond the last box all is free.
        $faces = array_map(static fn (Box $box): float => $high ? $box->high[$axis] : $box->low[$axis], $this->forbidden);
        $wide = $high
            ? new self($this->least, self::with($axis, max([$this->least[$axis], ...$faces]), $this->most), $this->forbidden)
            : new self(self::with($axis, min([$this->most[$axis], ...$faces]), $this->least), $this->most, $this->forbidden);
        $from = $high ? $this->least : $this->most;
        $place = $wide->best($from, static fn (array $at): array => [abs($at[$axis] - $from[$axis])]);
        if (null === $place) {
            return null;
        }

        return $high ? $place[$axis] - $this->most[$axis] : $this->least[$axis] - $place[$axis];
    }

    /**
     * @param array{float, float, float} $to to which the best place of every cell is the nearest one
     * @param callable(array{float, float, float}): list<float> $cost of a place: the less the better, by the first that differs
     *
     * @return array{float, float, float}|null the best free place
     */
    private function best(array $to, callable $cost): ?array
    {
        $most = $this->most;
        foreach ([0, 1, 2] as $axis) {
            if ($most[$axis] < $this->least[$axis] - FreeCell::TOUCHING_MM) {
                return null;
            }
            $most = self::with($axis, max($this->least[$axis], $most[$axis]), $most);
        }
        /** @var \SplMinHeap<array{list<float>, int, array{float, float, float}, FreeCell}> $cells */
        $cells = new \SplMinHeap();
        $found = 0;
        $next = [FreeCell::of($this->least, $most, $this->forbidden)];
        while (true) {
            foreach ($next as $cell) {
                $place = $cell->nearest($to);
                // Of cells alike the one that was found first.
                $cells->insert([array_map(static fn (float $one): float => round($one, self::ALIKE_DIGITS), $cost($place)), ++$found, $place, $cell]);
            }
            if ($cells->isEmpty()) {
                return null;
            }
            [, , $place, $cell] = $cells->extract();
            $box = $cell->largestAround($place);
            if (null === $box) {
                return $place;
            }
            $next = $cell->beside($box);
        }
    }

    /**
     * @param array{float, float, float} $place
     *
     * @return array{float, float, float} the same with another number along one axis
     */
    private static function with(int $axis, float $mm, array $place): array
    {
        return [0 === $axis ? $mm : $place[0], 1 === $axis ? $mm : $place[1], 2 === $axis ? $mm : $place[2]];
    }
}
