<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Run\RunPoint;
use YardCask\Core\Words\Phrase;

/** A hose that is open while driving, and the highest point that water must pass to leave through it. */
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

    /** A hose goes by its name, a port without one by the port's and the tank's. */
    public function name(): string|Phrase
    {
        return $this->run->run->name ?? new Phrase('tanks.port-of', ['port' => $this->run->port->name, 'tank' => $this->run->tank->tank->name]);
    }

    /** How far the tilted surface stands above it; negative where it holds. */
    public function spillsByM(TiltedTank $tilted): float
    {
        return $tilted->surfaceM($this->highest) - $this->highest->zM;
    }
}
