<?php

declare(strict_types=1);

namespace YardCask\Core\Run;

use YardCask\Core\Bay\Box;

/**
 * Ways of straight pieces round boxes. The first box in the way is passed along the plane of one of its faces, from where the straight way
 * entered it to where it left it; each new piece is led round what is in its own way in the same manner, and bends that are not needed go.
 */
final readonly class WayRound
{
    /** So many boxes in a row at most, each in the way of a piece that leads round another. */
    private const DEPTH = 3;

    /**
     * @param list<Box> $boxes that it has to stay out of, with the room that it needs; their faces may be touched
     * @param Box $within where its bends may be
     */
    public function __construct(
        private array $boxes,
        private Box $within,
    ) {
    }

    /** @return list<non-empty-list<RunPoint>> the bends of a way past each side of the first box that is in the way, the shortest first; none where none is */
    public function ways(RunPoint $from, RunPoint $to): array
    {
        $ways = [];
        foreach ($this->sides($from, $to) as $side) {
            $bends = $this->past($side, $from, $to, self::DEPTH);
            if (null !== $bends && [] !== $bends) {
                $ways[serialize($bends)] = $bends;
            }
        }
        $ways = array_values($ways);
        usort($ways, static fn (array $a, array $b): int => self::lengthM([$from, ...$a, $to]) <=> self::lengthM([$from, ...$b, $to]));

        return $ways;
    }

    /** @param non-empty-list<RunPoint> $points */
    public static function lengthM(array $points): float
    {
        $lengthM = 0.0;
        foreach (\array_slice($points, 1) as $index => $point) {
            $lengthM += $points[$index]->distanceM($point);
        }

        return $lengthM;
    }

    /** @return list<RunPoint>|null the bends of the shortest way; null where there is none */
    private function shortest(RunPoint $from, RunPoint $to, int $depth): ?array
    {
        $sides = $this->sides($from, $to);
        if ([] === $sides) {
            return [];
        }
        $best = null;
        foreach (0 === $depth ? [] : $sides as $side) {
            $bends = $this->past($side, $from, $to, $depth);
            if (null !== $bends && (null === $best || self::lengthM([$from, ...$bends, $to]) < self::lengthM([$from, ...$best, $to]))) {
                $best = $bends;
            }
        }

        return $best;
    }

    /**
     * @param array{RunPoint, RunPoint, Box} $side
     *
     * @return list<RunPoint>|null
     */
    private function past(array $side, RunPoint $from, RunPoint $to, int $depth): ?array
    {
        [$first, $second, $box] = $side;
        // Round the side that it came from it would lead through the box again.
        if (null !== (new Stretch($from, $first))->inside($box) || null !== (new Stretch($second, $to))->inside($box)) {
            return null;
        }
        $points = [$from];
        foreach ([[$from, $first], [$first, $second], [$second, $to]] as [$begin, $end]) {
            $bends = $this->shortest($begin, $end, $depth - 1);
            if (null === $bends) {
                return null;
            }
            array_push($points, ...$bends, ...[$end]);
        }

        return $this->tightened($points);
    }

    /** @return list<array{RunPoint, RunPoint, Box}> past each side of the first box that is in the way: where it bends along that side, and the box */
    private function sides(RunPoint $from, RunPoint $to): array
    {
        $straight = new Stretch($from, $to);
        $first = null;
        foreach ($this->boxes as $box) {
            $inside = $straight->inside($box);
            if (null !== $inside && (null === $first || $inside[0] < $first[0])) {
                $first = [...$inside, $box];
            }
        }
        if (null === $first) {
            return [];
        }
        [$enters, $leaves, $box] = $first;
        $sides = [];
        foreach ([0, 1, 2] as $axis) {
            foreach ([$box->low[$axis], $box->high[$axis]] as $face) {
                if ($face >= $this->within->low[$axis] && $face <= $this->within->high[$axis]) {
                    $sides[] = [self::inPlane($straight->at($enters), $axis, $face), self::inPlane($straight->at($leaves), $axis, $face), $box];
                }
            }
        }

        return $sides;
    }

    /**
     * @param non-empty-list<RunPoint> $points
     *
     * @return list<RunPoint> without the ends, and without the bends that are not needed
     */
    private function tightened(array $points): array
    {
        for ($index = 1; $index < \count($points) - 1;) {
            if ($this->isFree($points[$index - 1], $points[$index + 1])) {
                array_splice($points, $index, 1);
                $index = max(1, $index - 1);
            } else {
                ++$index;
            }
        }

        return \array_slice($points, 1, -1);
    }

    private function isFree(RunPoint $from, RunPoint $to): bool
    {
        $piece = new Stretch($from, $to);

        return [] === array_filter($this->boxes, static fn (Box $box): bool => null !== $piece->inside($box));
    }

    private static function inPlane(RunPoint $point, int $axis, float $mm): RunPoint
    {
        return new RunPoint(0 === $axis ? $mm / 1000 : $point->xM, 1 === $axis ? $mm / 1000 : $point->yM, 2 === $axis ? $mm / 1000 : $point->zM);
    }
}
