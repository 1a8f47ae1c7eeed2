<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Assessment\StageWorkings;
use YardCask\Core\Assessment\Workings;
use YardCask\Core\Plan\Runs\RunEnd;
use YardCask\Core\Plan\Tanks\PortRole;
use YardCask\Core\Plan\Tanks\TankMounting;
use YardCask\Core\Stage\Line\Shared\TapReach;

/** The ports of all tanks, each with its run. */
final readonly class RunWorkings implements StageWorkings
{
    /** @param list<TankRun> $all in the order of the tanks and their ports */
    private function __construct(public array $all)
    {
    }

    public static function over(Workings $workings): static
    {
        $plan = $workings->plan;
        $all = [];
        foreach ($workings->of(TanksWorkings::class)->all() as $working) {
            foreach ($working->tank->ports as $index => $port) {
                $run = $plan->runFrom($port);
                $all[] = new TankRun($working, $index, $port, null === $run ? null : (int) array_search($run, $plan->runs, true), $run);
            }
        }

        return new self($all);
    }

    public static function sections(): array
    {
        return ['tanks', 'runs', TapReach::class];
    }

    /** @return list<TankRun> */
    public function that(PortRole ...$roles): array
    {
        return array_values(array_filter($this->all, static fn (TankRun $run): bool => \in_array($run->port->role, $roles, true)));
    }

    /** @return list<OpenEnd> vents and overflows that nothing shuts, and fills that end without a cap or only behind a door, on the road */
    public function openEnds(): array
    {
        return array_values(array_map(OpenEnd::of(...), array_filter($this->all, self::isOpenOnTheRoad(...))));
    }

    private static function isOpenOnTheRoad(TankRun $run): bool
    {
        // The screw cap of a can is open only while it is filled.
        if (null === $run->run && TankMounting::Fixed !== $run->tank->tank->form) {
            return false;
        }

        return match ($run->port->role) {
            PortRole::Vent, PortRole::Overflow => !\in_array($run->run?->end, [RunEnd::Cap, RunEnd::Valve], true),
            PortRole::Fill => \in_array($run->run?->end, [RunEnd::Open, RunEnd::Door], true),
            default => false,
        };
    }

    /** How much stays in a tank that is drained, in litres: all that lies below its lowest drain, or below its outlet without one. */
    public static function undrainedL(TankWorking $working): float
    {
        if (TankMounting::Can === $working->tank->form) {
            // It is tipped out.
            return 0.0;
        }
        $lowestMm = $working->tank->outletMm();
        foreach ($working->tank->ports as $port) {
            if (PortRole::Drain === $port->role) {
                $lowestMm = min($lowestMm, $port->lowestMm());
            }
        }

        return $working->tank->count * $working->tank->tankInput()->shape->litresBelow($lowestMm) * (1 - $working->tank->baffledFraction());
    }
}
