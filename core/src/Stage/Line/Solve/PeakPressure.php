<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Stage\Line\Mode\LineMode;
use YardCask\Core\Words\Phrase;

/** The highest pressure somewhere: what stands there, and what a shock adds to it. */
final readonly class PeakPressure
{
    private const HEATED = 'heated';

    public function __construct(
        public float $standingKpa,
        public float $shockKpa,
        /** The mode in which it stands so high. */
        public LineMode $mode,
        /** Whether it stands so high because the water was heated where it is shut in. */
        public bool $isHeated = false,
    ) {
    }

    public function isMains(): bool
    {
        return !$this->isHeated && (LineMode::MainsUse === $this->mode || LineMode::MainsFill === $this->mode);
    }

    /** What the line is used for then, as a name. */
    public function phrase(): Phrase
    {
        return $this->isHeated ? new Phrase('line.mode', ['mode' => self::HEATED]) : $this->mode->phrase();
    }

    /** The same as it reads in a sentence: “on mains”. */
    public function when(): Phrase
    {
        return $this->isHeated ? new Phrase('line.mode.when', ['mode' => self::HEATED]) : $this->mode->when();
    }

    public function kpa(): float
    {
        return $this->standingKpa + $this->shockKpa;
    }
}
