<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Solve;

use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PumpFigures;

/** A pump at work. */
final readonly class SolvedPump
{
    /** A motor draws about 40 % of its rated current at no pressure and all of it at its cut-out, linear in between. */
    private const IDLE_SHARE = 0.4;

    public function __construct(
        public PlannedPart $part,
        public PumpFigures $figures,
        public float $lpm,
        public float $inKpa,
        public float $outKpa,
        /** It cycles while water runs, because the outlets take less than it delivers at its cut-out. */
        public bool $cycles,
    ) {
    }

    /** @return float|null in A while it runs; null where a hand or a foot moves it */
    public function amps(): ?float
    {
        $mostKpa = $this->figures->cutOutKpa ?? $this->figures->curve[0]->kpa;

        return null === $this->figures->amps
            ? null
            : $this->figures->amps * (self::IDLE_SHARE + (1 - self::IDLE_SHARE) * min(1.0, max(0.0, ($this->outKpa - $this->inKpa) / max(1.0, $mostKpa))));
    }
}
