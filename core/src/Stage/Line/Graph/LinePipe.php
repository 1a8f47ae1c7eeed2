<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\PlannedRunPoint;

/** A pipe of the line between two ports that are there. */
final readonly class LinePipe
{
    /** An elbow, and what going in and out of two joints takes, in velocity heads. Source: White, Fluid Mechanics, table 6.5. */
    private const K_BEND = 0.9;
    private const K_ENDS = 1.5;
    /** Where neither a length nor places are known: between two parts on a board, and to an outlet. */
    private const GUESSED_M = 0.3;
    private const GUESSED_TO_OUTLET_M = 2.0;
    /** A pipe between two places follows the rig's sides, not the straight line. */
    private const SLACK = 1.1;

    /** As measured, or by its places, or guessed. */
    public float $lengthM;

    public function __construct(
        public PlannedPipe $pipe,
        public int $index,
        public LineEnd $from,
        public LineEnd $to,
    ) {
        $this->lengthM = $pipe->lengthM ?? $this->unmeasuredM();
    }

    /** “pipe from Tee 3 to Shower”. */
    public function words(): string
    {
        return \sprintf('pipe from %s to %s', $this->from->owner->name, $this->to->owner->name);
    }

    /** Whether nobody has measured its length, nor both its ends. */
    public function isGuessed(): bool
    {
        return null === $this->pipe->lengthM && (null === $this->from->place() || null === $this->to->place());
    }

    /** In velocity heads. */
    public function kSum(): float
    {
        return self::K_ENDS + self::K_BEND * ($this->pipe->bends ?? 0.0);
    }

    public function litres(): float
    {
        return \M_PI / 4 * ($this->pipe->tube->boreMm / 1000) ** 2 * $this->lengthM * 1000;
    }

    /** Its highest point, in m of the rig. */
    public function highestM(): float
    {
        return max($this->from->zM(), $this->to->zM(), ...array_column($this->pipe->points, 'zM'));
    }

    public function other(LineEnd $end): LineEnd
    {
        return $end->key === $this->from->key ? $this->to : $this->from;
    }

    /** @param float $lpm either way */
    public function velocityMps(float $lpm): float
    {
        return abs($lpm) / 60000 / (\M_PI / 4 * ($this->pipe->tube->boreMm / 1000) ** 2);
    }

    private function unmeasuredM(): float
    {
        $riseM = abs($this->to->zM() - $this->from->zM());
        $places = array_filter([$this->from->place(), ...array_map(static fn (PlannedRunPoint $point): array => [$point->xM, $point->yM], $this->pipe->points), $this->to->place()]);
        if (null === $this->from->place() || null === $this->to->place()) {
            $isToOutlet = array_filter([$this->from->owner, $this->to->owner], static fn (object $owner): bool => $owner instanceof PlannedPart && $owner->kind->isOutlet());

            return max([] === $isToOutlet ? self::GUESSED_M : self::GUESSED_TO_OUTLET_M, $riseM);
        }
        $places = array_values($places);
        $lengthM = $riseM;
        foreach ($places as $index => [$x, $y]) {
            if ($index > 0) {
                $lengthM += abs($x - $places[$index - 1][0]) + abs($y - $places[$index - 1][1]);
            }
        }

        return max(self::SLACK * $lengthM, 0.1);
    }
}
