<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Graph;

use YardCask\Core\Plan\Line\PartPort;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Plan\Tanks\PlannedTank;

/** One end of a pipe: the part or the tank that it joins, and where. */
final readonly class LineEnd
{
    /** What its port is called in the plan: “pump-1.out”. */
    public string $key;
    /** The node of the network: the port, or the whole part if all its ports share one pressure. */
    public string $node;

    public function __construct(
        public PlannedPart|PlannedTank $owner,
        public PartPort $port,
    ) {
        $this->key = $owner->id.'.'.$port->value;
        $this->node = $owner instanceof PlannedPart && $owner->kind->isPoint() ? $owner->id : $this->key;
    }

    /** @return self|null null where no part or tank of the plan has such a port */
    public static function named(string $name, Plan $plan): ?self
    {
        [$id, $word] = [...explode('.', $name, 2), ''];
        $port = PartPort::tryFrom($word);
        if (null === $port) {
            return null;
        }
        $part = $plan->line->part($id);
        if (null !== $part) {
            return \in_array($port, $part->kind->ports(), true) ? new self($part, $port) : null;
        }
        foreach ($plan->tanks as $tank) {
            if ($tank->id === $id) {
                return PartPort::Outlet === $port || PartPort::Inlet === $port ? new self($tank, $port) : null;
            }
        }

        return null;
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

        return $this->owner->zM + (PartPort::Outlet === $this->port ? $this->owner->outletHeightMm : $this->owner->heightMm) / 1000;
    }

    /** @return array{float, float}|null along and across the rig; null where nobody has said it */
    public function place(): ?array
    {
        return null === $this->owner->xM || null === $this->owner->yM ? null : [$this->owner->xM, $this->owner->yM];
    }
}
