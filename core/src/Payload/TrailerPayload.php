<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The answer for a trailer; all in kg. */
final readonly class TrailerPayload implements Payload
{
    public function __construct(
        public FillLimit $gross,
        public FillLimit $nose,
        public FillLimit $axle,
        private MaxFill $maxFill,
    ) {
    }

    public function limits(): array
    {
        return [$this->gross, $this->nose, $this->axle];
    }

    public function maxFill(): MaxFill
    {
        return $this->maxFill;
    }

    /** Nose weight as a fraction of the whole, at a fill from 0 to 1. */
    public function noseShareAt(float $fraction): float
    {
        $totalKg = $this->gross->kgAt($fraction);

        return $totalKg > 0 ? $this->nose->kgAt($fraction) / $totalKg : 0.0;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'total_kg' => $this->gross->kgAt(1), 'gross_spare_kg' => $this->gross->spareAt(1),
            'nose_kg' => $this->nose->kgAt(1), 'nose_share' => $this->noseShareAt(1), 'axle_kg' => $this->axle->kgAt(1),
        ] + $this->maxFill->keys();
    }
}
