<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** Some of the places where the low corner of a tank may lie, as a closed box, in mm, with the open boxes that forbid some of them. */
final readonly class FreeCell
{
    /** Closer than this is touching. */
    public const TOUCHING_MM = 1e-7;

    /**
     * @param array{float, float, float} $low
     * @param array{float, float, float} $high
     * @param list<Box> $forbidden those that have a part of it within them
     */
    private function __construct(
        public array $low,
        public array $high,
        private array $forbidden,
    ) {
    }

    /**
     * @param array{float, float, float} $low
     * @param array{float, float, float} $high
     * @param list<Box> $forbidden of which those that have none of it within them are left out
     */
    public static function of(array $low, array $high, array $forbidden): self
    {
        [$low0, $low1, $low2] = [$low[0] + self::TOUCHING_MM, $low[1] + self::TOUCHING_MM, $low[2] + self::TOUCHING_MM];
        [$high0, $high1, $high2] = [$high[0] - self::TOUCHING_MM, $high[1] - self::TOUCHING_MM, $high[2] - self::TOUCHING_MM];
        $met = [];
        foreach ($forbidden as $box) {
            if (
                $box->low[0] < $high0 && $box->high[0] > $low0
                && $box->low[1] < $high1 && $box->high[1] > $low1
                && $box->low[2] < $high2 && $box->high[2] > $low2
            ) {
                $met[] = $box;
            }
        }

        return new self($low, $high, $met);
    }

    /**
     * @param array{float, float, float} $to
     *
     * @return array{float, float, float} its place that is nearest to another, along each axis, whether it is free or not
     */
    public function nearest(array $to): array
    {
        return [
            max($this->low[0], min($this->high[0], $to[0])),
            max($this->low[1], min($this->high[1], $to[1])),
            max($this->low[2], min($this->high[2], $to[2])),
        ];
    }

    /**
     * @param array{float, float, float} $place
     *
     * @return Box|null of the boxes that forbid a place the one that forbids most of the cell; null where it is free
     */
    public function largestAround(array $place): ?Box
    {
        $largest = null;
        $most = -1.0;
        foreach ($this->forbidden as $box) {
            if (
                $box->low[0] < $place[0] - self::TOUCHING_MM && $place[0] + self::TOUCHING_MM < $box->high[0]
                && $box->low[1] < $place[1] - self::TOUCHING_MM && $place[1] + self::TOUCHING_MM < $box->high[1]
                && $box->low[2] < $place[2] - self::TOUCHING_MM && $place[2] + self::TOUCHING_MM < $box->high[2]
            ) {
                $share = $this->share(0, $box) * $this->share(1, $box) * $this->share(2, $box);
                if ($share > $most) {
                    [$largest, $most] = [$box, $share];
                }
            }
        }

        return $largest;
    }

    /** @return list<self> what is left of it beside an open box: at most two along each axis, none of which overlap */
    public function beside(Box $box): array
    {
        $cells = [];
        [$low, $high] = [$this->low, $this->high];
        foreach ([0, 1, 2] as $axis) {
            if ($box->low[$axis] >= $low[$axis] - self::TOUCHING_MM) {
                $end = $high;
                $end[$axis] = max($low[$axis], $box->low[$axis]);
                $cells[] = self::of($low, $end, $this->forbidden);
            }
            if ($box->high[$axis] <= $high[$axis] + self::TOUCHING_MM) {
                $begin = $low;
                $begin[$axis] = min($high[$axis], $box->high[$axis]);
                $cells[] = self::of($begin, $high, $this->forbidden);
            }
            $low[$axis] = max($low[$axis], $box->low[$axis]);
            $high[$axis] = min($high[$axis], $box->high[$axis]);
        }

        return $cells;
    }

    private function share(int $axis, Box $box): float
    {
        $wide = $this->high[$axis] - $this->low[$axis];

        return $wide > self::TOUCHING_MM ? (min($this->high[$axis], $box->high[$axis]) - max($this->low[$axis], $box->low[$axis])) / $wide : 1.0;
    }
}
