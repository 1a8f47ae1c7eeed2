<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\LimitName;
use YardCask\Core\Plan\Rig\PlannedRig;
use YardCask\Core\Plan\Rig\PlannedRoadRig;
use YardCask\Core\Plan\Rig\PlannedTrailer;
use YardCask\Core\Words\Phrase;

/** What the wheel that carries most of an axle stands under, against its tyre. */
final readonly class WheelLoad
{
    public function __construct(
        /** In the rig's list. */
        public int $axleIndex,
        /** Of the group that its axle belongs to. */
        public LimitName $limit,
        public bool $right,
        public float $kg,
        /** What one tyre carries of its axles’ group’s half, and what the weights to its side add to that half, in kg. */
        public float $share,
        public float $sideKg,
        public float $tyreKg,
        public RigState $state,
        /** Of all that is aboard, about the centreline, in kg·m; positive to the right. */
        public float $momentKgM,
    ) {
    }

    /** “the right tyre of Front axle”; a single axle needs no name. */
    public function phrase(PlannedRig $rig): Phrase
    {
        $axles = $rig instanceof PlannedRoadRig || $rig instanceof PlannedTrailer ? $rig->axles : [];

        return new Phrase('load.wheel', ['side' => $this->right ? 'right' : 'left', 'axle' => \count($axles) < 2 ? null : $axles[$this->axleIndex]->name]);
    }

    public function overKg(): float
    {
        return $this->kg - $this->tyreKg;
    }
}
