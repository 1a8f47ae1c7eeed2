<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\Axle;
use YardCask\Core\Payload\LimitName;
use YardCask\Core\Payload\LoadedTank;
use YardCask\Core\Payload\Mass;
use YardCask\Core\Payload\RoadRig;
use YardCask\Core\Payload\TrailerRig;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;

/** A rig as the calculators of weights take it: its limits, what it weighs empty, and where its axles are. */
final class WeighedRig
{
    /** @var array<string, float> by the limit's value */
    private array $limitKg = [];

    public function __construct(
        private readonly PlannedRig $rig,
        private readonly BaseWeights $base,
    ) {
    }

    /**
     * @param list<Mass> $masses
     * @param list<LoadedTank> $fresh
     */
    public function road(PlannedRoadRig $rig, array $masses, array $fresh): RoadRig
    {
        return new RoadRig(
            grossLimitKg: $this->limitKg(LimitName::Gross),
            wheelbaseM: $rig->wheelbaseM(),
            front: new Axle($this->base->firstKg, $this->limitKg(LimitName::Front)),
            rear: new Axle($this->base->secondKg, $this->limitKg(LimitName::Rear)),
            trackM: $rig->trackM(),
            loads: $masses,
            tanks: $fresh,
        );
    }

    /**
     * @param list<Mass> $masses
     * @param list<LoadedTank> $fresh
     */
    public function trailer(PlannedTrailer $rig, array $masses, array $fresh): TrailerRig
    {
        return new TrailerRig(
            grossLimitKg: $this->limitKg(LimitName::Gross),
            weighedKg: $this->base->firstKg,
            noseWeighedKg: $this->base->secondKg,
            noseLimitKg: $this->limitKg(LimitName::Nose),
            couplingToAxleM: $rig->axle()->xM,
            axleLimitKg: $this->limitKg(LimitName::Axle),
            loads: $masses,
            tanks: $fresh,
        );
    }

    private function limitKg(LimitName $name): float
    {
        return $this->limitKg[$name->value] ??= RigLimit::of($name, $this->rig)->kg;
    }
}
