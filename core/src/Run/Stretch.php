<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

use YardCask\Core\Bay\Box;

/** The axis of a straight piece of hose or pipe between two points, beside boxes along the axes of the rig. */
final readonly class Stretch
{
    /** Less deep than this is on a face, not inside: what is computed is never quite exact. */
    private const NOTHING_MM = 1e-6;

    /** @var array{float, float, float} in mm */
    private array $from;
    /** @var array{float, float, float} in mm */
    private array $along;

    public function __construct(
        public RunPoint $begin,
        public RunPoint $end,
    ) {
        $this->from = self::mm($begin);
        [$x, $y, $z] = self::mm($end);
        $this->along = [$x - $this->from[0], $y - $this->from[1], $z - $this->from[2]];
    }

    public function lengthMm(): float
    {
        return 1000 * $this->begin->distanceM($this->end);
    }

    /**
     * Where it is inside a box: between which shares of its length. Source: Kay and Kajiya, the slab method (1986).
     *
     * @return array{float, float}|null null where it only touches it or misses it
     */
    public function inside(Box $box): ?array
    {
        return $this->between($box, [0, 1, 2]);
    }

    /** How much of it is inside a box, in mm. */
    public function throughMm(Box $box): float
    {
        [$enters, $leaves] = $this->inside($box) ?? [0.0, 0.0];

        return ($leaves - $enters) * $this->lengthMm();
    }

    /** Whether a drop from it could fall on a box: seen from above it crosses it, and there it is above its underside somewhere. */
    public function isOver(Box $box): bool
    {
        $crossed = $this->between($box, [0, 1]);

        return null !== $crossed && max(array_map(fn (float $share): float => $this->from[2] + $share * $this->along[2], $crossed)) > $box->low[2];
    }

    /**
     * The shortest way from it to a box, in mm; nothing where they meet. The square of the distance is a parabola between any two places at
     * which it passes the plane of a face, so the least of them all is at such a place or at the foot of a parabola.
     */
    public function apartMm(Box $box): float
    {
        $places = [0.0, 1.0];
        foreach ([0, 1, 2] as $axis) {
            foreach ([$box->low[$axis], $box->high[$axis]] as $face) {
                $share = abs($this->along[$axis]) < self::NOTHING_MM ? -1.0 : ($face - $this->from[$axis]) / $this->along[$axis];
                if ($share > 0 && $share < 1) {
                    $places[] = $share;
                }
            }
        }
        sort($places);
        $least = \INF;
        foreach ($places as $index => $place) {
            $least = min($least, $this->apartAt($place, $box), $this->apartAt($this->foot($place, $places[$index + 1] ?? $place, $box), $box));
        }

        return $least;
    }

    public function at(float $share): RunPoint
    {
        $m = fn (int $axis): float => ($this->from[$axis] + $share * $this->along[$axis]) / 1000;

        return new RunPoint($m(0), $m(1), $m(2));
    }

    /**
     * @param non-empty-list<int> $axes
     *
     * @return array{float, float}|null
     */
    private function between(Box $box, array $axes): ?array
    {
        [$enters, $leaves] = [0.0, 1.0];
        foreach ($axes as $axis) {
            [$at, $by] = [$this->from[$axis], $this->along[$axis]];
            [$low, $high] = [$box->low[$axis] + self::NOTHING_MM, $box->high[$axis] - self::NOTHING_MM];
            if (abs($by) < self::NOTHING_MM) {
                if ($at <= $low || $at >= $high) {
                    return null;
                }
                continue;
            }
            $meets = [($low - $at) / $by, ($high - $at) / $by];
            $enters = max($enters, min($meets));
            $leaves = min($leaves, max($meets));
        }

        return $enters < $leaves ? [$enters, $leaves] : null;
    }

    /** Where it is nearest between two places, of which none passes a face. */
    private function foot(float $from, float $to, Box $box): float
    {
        $middle = ($from + $to) / 2;
        [$slope, $bend] = [0.0, 0.0];
        foreach ([0, 1, 2] as $axis) {
            $at = $this->from[$axis] + $middle * $this->along[$axis];
            if ($at < $box->low[$axis] || $at > $box->high[$axis]) {
                $off = $this->from[$axis] - ($at < $box->low[$axis] ? $box->low[$axis] : $box->high[$axis]);
                $slope += $off * $this->along[$axis];
                $bend += $this->along[$axis] ** 2;
            }
        }

        return $bend > 0 ? max($from, min($to, -$slope / $bend)) : $middle;
    }

    private function apartAt(float $share, Box $box): float
    {
        $square = 0.0;
        foreach ([0, 1, 2] as $axis) {
            $at = $this->from[$axis] + $share * $this->along[$axis];
            $square += max(0.0, $box->low[$axis] - $at, $at - $box->high[$axis]) ** 2;
        }

        return sqrt($square);
    }

    /** @return array{float, float, float} */
    private static function mm(RunPoint $point): array
    {
        return [1000 * $point->xM, 1000 * $point->yM, 1000 * $point->zM];
    }
}
