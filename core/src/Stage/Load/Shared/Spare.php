<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Load\Shared;

/** What is left to a limit at some moment, in kg; negative when it is broken. */
final readonly class Spare
{
    /** Less than this, in kg, rounding can hide. */
    private const NOTHING_KG = 0.05;

    public function __construct(
        public float $kg,
        public RigMoment $moment,
    ) {
    }

    public function isBroken(): bool
    {
        return $this->kg < -self::NOTHING_KG;
    }

    public function lesser(self $other): self
    {
        return $other->kg < $this->kg - 1e-9 ? $other : $this;
    }
}
