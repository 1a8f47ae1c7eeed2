<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

use YardCask\Core\Payload\RigKind;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;

/** A moment between full and used up: one of the states, or when some litres have been used. */
final readonly class RigMoment
{
    private function __construct(
        public ?RigState $state,
        public float $usedL,
    ) {
    }

    public static function in(RigState $state): self
    {
        return new self($state, 0.0);
    }

    /** After some litres of those that can be used from a state on. */
    public static function after(float $usedL, float $ofL, RigState $from): self
    {
        return match (true) {
            $usedL < 0.05 => new self($from, 0.0),
            $usedL > $ofL - 0.05 => new self(RigState::UsedUp, $usedL),
            default => new self(null, $usedL),
        };
    }

    /** “when the water is used up”, “after 40 L”. */
    public function phrase(RigKind $rig): Phrase
    {
        return $this->state?->phrase($rig) ?? new Phrase('load.state.part-used', ['litres' => Amount::litres($this->usedL)]);
    }
}
