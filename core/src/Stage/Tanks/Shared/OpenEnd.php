<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Run\RunPoint;

/** A hose that stays open while the rig moves, with the highest point that water would have to pass to leave by it. */
final readonly class OpenEnd
{
    private function __construct(
        public TankRun $run,
        public RunPoint $highest,
    ) {
    }

    public static function of(TankRun $run): self
    {
        $points = $run->points();
        usort($points, static fn (RunPoint $a, RunPoint $b): int => $b->zM <=> $a->zM);

        return new self($run, $points[0]);
    }

    public function name(): string
    {
        return $this->run->run->name ?? \sprintf('%s of %s', $this->run->port->name, $this->run->tank->tank->name);
    }

    /** How far the tilted surface stands above it; negative where it holds. */
    public function spillsByM(TiltedTank $tilted): float
    {
        return $tilted->surfaceM($this->highest) - $this->highest->zM;
    }
}
