<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Plan\Runs\PlannedRun;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Run\RunPoint;
use YardCask\Core\Run\Trapped;
use YardCask\Core\Run\TrappedCalculator;
use YardCask\Core\Run\TrappedInput;

/** A port of a tank, with the run that begins there if it has one. */
final readonly class TankRun
{
    public function __construct(
        public TankWorking $tank,
        public int $portIndex,
        public PlannedPort $port,
        public ?int $runIndex,
        public ?PlannedRun $run,
    ) {
    }

    public function portPointer(): string
    {
        return $this->tank->pointer().'/ports/'.$this->portIndex;
    }

    /** Of a point of the run, by its place in the run's list. */
    public function pointPointer(int $index): string
    {
        return '/runs/'.$this->runIndex.'/points/'.$index;
    }

    /** @return non-empty-list<RunPoint> from the port to the end of the run */
    public function points(): array
    {
        $body = $this->tank->tank->body();
        $at = $this->port->atMm($body->sizeMm());
        $points = [new RunPoint(($body->low[0] + $at[0]) / 1000, ($body->low[1] + $at[1]) / 1000, ($body->low[2] + $at[2]) / 1000)];
        foreach ($this->run->points ?? [] as $point) {
            $points[] = new RunPoint($point->xM, $point->yM, $point->zM);
        }

        return $points;
    }

    /** Of its hose, which is that of its port where nobody has said another. */
    public function boreMm(): float
    {
        return $this->run->boreMm ?? $this->port->boreMm;
    }

    /** From the port to its end, in m. */
    public function lengthM(): float
    {
        $points = $this->points();
        $lengthM = 0.0;
        for ($index = 1; $index < \count($points); ++$index) {
            [$from, $to] = [$points[$index - 1], $points[$index]];
            $lengthM += sqrt(($to->xM - $from->xM) ** 2 + ($to->yM - $from->yM) ** 2 + ($to->zM - $from->zM) ** 2);
        }

        return $lengthM;
    }

    /** What stays in the run on level ground; null where there is no run. */
    public function trapped(): ?Trapped
    {
        $points = $this->points();

        return \count($points) < 2 ? null : TrappedCalculator::calculate(new TrappedInput($this->boreMm(), $points));
    }

    /** @return non-empty-list<float> the heights of the points, in m above the ground */
    public function heightsM(): array
    {
        return array_map(static fn (RunPoint $point): float => $point->zM, $this->points());
    }

    /** Of the tank's lid, in m above the ground. */
    public function lidM(): float
    {
        return $this->tank->tank->zM + $this->tank->tank->heightMm / 1000;
    }

    public function overflowM(): float
    {
        return $this->tank->tank->zM + $this->tank->tank->overflowMm() / 1000;
    }
}
