<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\LimitName;

/** One limit with what rests on it in each state, in kg. */
final readonly class LimitWorking
{
    public LimitName $name;
    public float $limitKg;

    /** @param array<string, float> $kg what rests on it, by the state's value */
    public function __construct(
        /** Fresh tanks from empty to brim full, drinking full, waste empty. */
        public FillLimit $fill,
        private array $kg,
        /** The least that is left at any moment on the road. */
        public Spare $onTheRoad,
        /** The least that is left at any moment from brim full to used up. */
        public Spare $fromBrimFull,
        /** What an estimate may hide here. */
        public float $errorKg,
    ) {
        $this->name = $fill->name;
        $this->limitKg = $fill->limitKg;
    }

    public function kgIn(RigState $state): float
    {
        return $this->kg[$state->value];
    }

    public function spareIn(RigState $state): Spare
    {
        return new Spare($this->limitKg - $this->kgIn($state), RigMoment::in($state));
    }

    /** Whether it is broken without any fresh water. */
    public function isOverBeforeWater(): bool
    {
        return (new Spare($this->fill->spareAt(0.0), RigMoment::in(RigState::Dry)))->isBroken();
    }
}
