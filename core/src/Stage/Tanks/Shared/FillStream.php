<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Shared;

use YardCask\Core\Stage\Line\Shared\LineFill;

/** Water that is pushed into a tank, and what can leave it meanwhile. */
final readonly class FillStream
{
    private function __construct(
        public Openings $openings,
        /** What comes while nothing holds it back, in L/min. */
        public float $lpm,
        /** At which nothing comes any more, in kPa; infinite where nobody knows. */
        public float $restKpa,
        /** `hose`, or the mode of the line. */
        public string $by,
        private ?LineFill $line,
    ) {
    }

    public static function byHose(Filling $filling): self
    {
        return new self($filling->openings, $filling->givenLpm, \INF, 'hose', null);
    }

    public static function byLine(LineFill $fill, Openings $openings): self
    {
        return new self($openings, $fill->lpm, $fill->restKpa, $fill->mode->value, $fill);
    }

    public function isMains(): bool
    {
        return true === $this->line?->isMains();
    }

    public function isByHose(): bool
    {
        return null === $this->line;
    }

    /** Whether nothing can leave at all. */
    public function isSealed(): bool
    {
        return !$this->openings->isOpenAnywhere();
    }

    public function lidKpa(): float
    {
        return $this->openings->lidKpa($this->lpm, $this->restKpa);
    }

    /** @param float|null $boreMm that every vent and overflow should have in place of its own */
    public function wallsStand(?float $boreMm = null): bool
    {
        return $this->openings->wallsStand($this->lpm, $this->restKpa, $boreMm);
    }
}
