<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedPort;
use YardCask\Core\Plan\Tanks\PlannedTank;
use YardCask\Core\Run\RunPoint;

/** One end of a pipe: the part or the tank that it joins, and where. */
final readonly class LineEnd
{
    /** What its port is called in the plan: “pump-1.out”, “tank-1.outlet-1”. */
    public string $key;
    /** The node of the network: the port, or the whole part if all its ports share one pressure. */
    public string $node;

    public function __construct(
        public PlannedPart|PlannedTank $owner,
        public PartPort $port,
        /** Which outlet of a tank. */
        public ?PlannedPort $outlet = null,
    ) {
        $this->key = $owner->id.'.'.($outlet->id ?? $port->value);
        $this->node = $owner instanceof PlannedPart && $owner->kind->isPoint() ? $owner->id : $this->key;
    }

    /** @return array<string, self> every port of a plan that a pipe can join, by its name */
    public static function all(Plan $plan): array
    {
        $ends = [];
        foreach ($plan->line->parts as $part) {
            foreach ($part->kind->ports() as $port) {
                $ends[] = new self($part, $port);
            }
        }
        foreach ($plan->tanks as $tank) {
            array_push($ends, new self($tank, PartPort::Inlet), ...self::outletsOf($tank));
        }

        return array_column($ends, null, 'key');
    }

    /** @return self|null null where no part or tank of the plan has such a port */
    public static function named(string $name, Plan $plan): ?self
    {
        return self::all($plan)[$name] ?? null;
    }

    /** @return list<self> where pipes can draw on a tank */
    public static function outletsOf(PlannedTank $tank): array
    {
        return array_map(static fn (PlannedPort $outlet): self => new self($tank, PartPort::Outlet, $outlet), $tank->outlets());
    }

    /** The name of what it joins, as it reads in a sentence. */
    public function spoken(): string
    {
        return $this->owner instanceof PlannedPart ? $this->owner->spoken() : $this->owner->name;
    }

    /** Above the ground, or the keel. */
    public function zM(): float
    {
        if ($this->owner instanceof PlannedPart) {
            return $this->owner->zM;
        }

        return $this->owner->zM + (null === $this->outlet ? $this->owner->heightMm : $this->owner->drawsFromMm($this->outlet)) / 1000;
    }

    /** The level of the water over an outlet of a tank, in m, when that share of what it can draw is left. */
    public function levelM(float $fill): float
    {
        if (!$this->owner instanceof PlannedTank) {
            throw new \LogicException('Water stands only in a tank.');
        }
        $drawsFromM = $this->zM();

        return $drawsFromM + $fill * ($this->owner->zM + $this->owner->overflowMm() / 1000 - $drawsFromM);
    }

    /** @return array{float, float}|null along and across the rig; null where nobody has said it */
    public function place(): ?array
    {
        $point = $this->point();

        return null === $point ? null : [$point->xM, $point->yM];
    }

    /** Where the pipe begins in the rig: outside the wall of a tank; null where nobody has said it. */
    public function point(): ?RunPoint
    {
        if ($this->owner instanceof PlannedTank && null !== $this->outlet) {
            $body = $this->owner->body();
            $at = $this->outlet->atMm($body->sizeMm());

            return new RunPoint(($body->low[0] + $at[0]) / 1000, ($body->low[1] + $at[1]) / 1000, ($body->low[2] + $at[2]) / 1000);
        }

        return null === $this->owner->xM || null === $this->owner->yM ? null : new RunPoint($this->owner->xM, $this->owner->yM, $this->zM());
    }
}
