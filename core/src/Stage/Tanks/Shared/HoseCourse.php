<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Bay\Box;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Stretch;

/** Where a hose or a pipe runs in the rig: straight from point to point, as far as anybody has said where they are. */
final readonly class HoseCourse
{
    /** @var array<int, Stretch> each by the number of the point at which it begins */
    public array $stretches;

    /** @param list<RunPoint|null> $points from its beginning to its end; null where nobody has said the place */
    public function __construct(
        public array $points,
        public float $boreMm,
    ) {
        $stretches = [];
        foreach ($points as $index => $point) {
            $next = $points[$index + 1] ?? null;
            if (null !== $point && null !== $next) {
                $stretches[$index] = new Stretch($point, $next);
            }
        }
        $this->stretches = $stretches;
    }

    /** How much of it is inside a box, in mm; nothing of one that an end of it is in: what stands at that end is in it. */
    public function throughMm(Box $box): float
    {
        foreach ([$this->points[0] ?? null, $this->points[\count($this->points) - 1] ?? null] as $end) {
            if (true === $end?->isInside($box)) {
                return 0.0;
            }
        }
        $mm = 0.0;
        foreach ($this->stretches as $stretch) {
            $mm += $stretch->throughMm($box);
        }

        return $mm;
    }

    public function isOver(Box $box): bool
    {
        return [] !== array_filter($this->stretches, static fn (Stretch $one): bool => $one->isOver($box));
    }

    /** The shortest way from it to a box, in mm; infinite where no part of it has a place. */
    public function apartMm(Box $box): float
    {
        return min([\INF, ...array_map(static fn (Stretch $one): float => $one->apartMm($box), $this->stretches)]);
    }
}
