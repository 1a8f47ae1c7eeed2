<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Runs\PlannedRunPoint;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Words\Phrase;

/** A pipe of the line between two ports that are there. */
final readonly class LinePipe
{
    /** The loss of an elbow, and of entering and leaving two joints, in velocity heads. Source: White, Fluid Mechanics, table 6.5. */
    private const K_BEND = 0.9;
    private const K_ENDS = 1.5;
    /** Assumed if neither a length nor places are known: between two parts on a board, and to an outlet. */
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

    /** “the pipe from Tee 3 to the shower”. */
    public function phrase(): Phrase
    {
        return new Phrase('line.pipe', ['from' => $this->from->spoken(), 'to' => $this->to->spoken()]);
    }

    /** What it is called in the network that is solved. */
    public function link(): string
    {
        return 'pipe:'.$this->pipe->id;
    }

    /** Whether nobody has measured its length, nor both its ends. */
    public function isGuessed(): bool
    {
        return null === $this->pipe->lengthM && (null === $this->from->place() || null === $this->to->place());
    }

    /** In velocity heads. */
    public function kSum(): float
    {
        $boreMm = $this->pipe->tube->boreMm;
        $adapters = ($this->pipe->fromJoint?->kSum($boreMm) ?? 0.0) + ($this->pipe->toJoint?->kSum($boreMm) ?? 0.0);

        return self::K_ENDS + self::K_BEND * ($this->pipe->bends ?? 0.0) + $adapters;
    }

    public function litres(): float
    {
        return \M_PI / 4 * ($this->pipe->tube->boreMm / 1000) ** 2 * $this->lengthM * 1000;
    }

    /** Its highest point, in m of the rig. */
    public function highestM(): float
    {
        return max($this->heightsM());
    }

    /** @return non-empty-list<float> of its beginning, its points and its end, in m of the rig */
    public function heightsM(): array
    {
        return [$this->from->zM(), ...array_column($this->pipe->points, 'zM'), $this->to->zM()];
    }

    /** @return non-empty-list<RunPoint|null> where it begins, its points and where it ends, in the rig; null of an end that nobody has placed */
    public function course(): array
    {
        $points = array_map(static fn (PlannedRunPoint $point): RunPoint => new RunPoint($point->xM, $point->yM, $point->zM), $this->pipe->points);

        return [$this->from->point(), ...$points, $this->to->point()];
    }

    /** @return list<float> of its length, the share of each stretch between two of its points: as their places say, or all alike */
    public function stretches(): array
    {
        [$from, $to] = [$this->from->place(), $this->to->place()];
        $heights = $this->heightsM();
        $points = $this->pipe->points;
        $along = [];
        for ($index = 0; $index + 1 < \count($heights); ++$index) {
            $near = 0 === $index ? $from : [$points[$index - 1]->xM, $points[$index - 1]->yM];
            $far = isset($points[$index]) ? [$points[$index]->xM, $points[$index]->yM] : $to;
            $along[] = abs($heights[$index + 1] - $heights[$index])
                + (null === $near || null === $far ? 0.0 : abs($far[0] - $near[0]) + abs($far[1] - $near[1]));
        }
        $all = array_sum($along);

        return array_map(static fn (float $one): float => $all > 0 ? $one / $all : 1 / \count($along), $along);
    }

    public function other(LineEnd $end): LineEnd
    {
        return $this->beyond($end->key);
    }

    /** @param string $port the name of the port at one of its ends */
    public function beyond(string $port): LineEnd
    {
        return $port === $this->from->key ? $this->to : $this->from;
    }

    /** @param float $lpm either way */
    public function velocityMps(float $lpm): float
    {
        return abs($lpm) / 60000 / (\M_PI / 4 * ($this->pipe->tube->boreMm / 1000) ** 2);
    }

    private function unmeasuredM(): float
    {
        $heights = $this->heightsM();
        [$from, $to] = [$this->from->place(), $this->to->place()];
        if (null === $from || null === $to) {
            $isToOutlet = array_filter(
                [$this->from->owner, $this->to->owner],
                static fn (object $owner): bool => $owner instanceof PlannedPart && $owner->kind->isOutlet(),
            );

            return max([] === $isToOutlet ? self::GUESSED_M : self::GUESSED_TO_OUTLET_M, self::wayM($heights));
        }
        $points = $this->pipe->points;

        return max(
            self::SLACK * (
                self::wayM([$from[0], ...array_column($points, 'xM'), $to[0]])
                + self::wayM([$from[1], ...array_column($points, 'yM'), $to[1]])
                + self::wayM($heights)
            ),
            0.1,
        );
    }

    /** @param non-empty-list<float> $along one axis of the rig, where it passes one after another */
    private static function wayM(array $along): float
    {
        $wayM = 0.0;
        foreach ($along as $index => $atM) {
            $wayM += abs($atM - ($along[$index - 1] ?? $atM));
        }

        return $wayM;
    }
}
