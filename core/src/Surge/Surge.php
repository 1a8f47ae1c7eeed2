<?php

declare(strict_types=1);

namespace YardCask\Core\Surge;

/** Where tilted water stands at the open end of a tank, and how it sloshes. */
final readonly class Surge implements \JsonSerializable
{
    public function __construct(
        /** Of the surface; negative when it falls towards the open end. */
        public float $tiltDeg,
        /** How high water stands in the open pipe, above the tank's floor; at least 0. */
        public float $endLevelM,
        public bool $spills,
        /** Of the first slosh of one cell; null when the box is empty or pressed full. */
        public ?float $periodS,
    ) {
    }

    /** @return array<string, float|bool|null> */
    public function jsonSerialize(): array
    {
        return ['tilt_deg' => $this->tiltDeg, 'end_level_m' => $this->endLevelM, 'spills' => $this->spills, 'period_s' => $this->periodS];
    }
}
