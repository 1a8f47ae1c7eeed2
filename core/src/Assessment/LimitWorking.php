<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Payload\FillLimit;
use YardCask\Core\Payload\LimitName;

/** One limit with what rests on it at each filling, in kg. */
final readonly class LimitWorking
{
    public LimitName $name;
    public float $limitKg;
    public float $emptyKg;

    public function __construct(
        private FillLimit $full,
        private FillLimit $travelling,
    ) {
        $this->name = $full->name;
        $this->limitKg = $full->limitKg;
        $this->emptyKg = $full->emptyKg;
    }

    public function kgAt(Filling $filling): float
    {
        return match ($filling) {
            Filling::TanksEmpty => $this->emptyKg,
            Filling::Travelling => $this->travelling->kgAt(1),
            Filling::BrimFull => $this->full->kgAt(1),
        };
    }

    public function spareAt(Filling $filling): float
    {
        return $this->limitKg - $this->kgAt($filling);
    }

    /** Whether it is broken by more than rounding can hide. */
    public function isOverAt(Filling $filling): bool
    {
        return $this->spareAt($filling) < -0.05;
    }

    /** The water of the main tanks that rests on it. */
    public function waterKgAt(Filling $filling): float
    {
        return $this->kgAt($filling) - $this->emptyKg;
    }

    /** The greatest common fill from 0 to 1 that leaves a margin under this limit alone. */
    public function greatestFraction(float $marginKg = 0.0): float
    {
        return (new FillLimit($this->name, $this->emptyKg, $this->full->waterKg, $this->limitKg - $marginKg))->greatestFraction();
    }
}
