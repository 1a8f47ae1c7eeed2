<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The answer for a boat. */
final readonly class BoatPayload implements Payload
{
    public function __construct(
        /** The added load against what she may carry, in kg. */
        public FillLimit $load,
        public float $freeSurfaceM,
        public float $gmEffectiveM,
        /** Positive to starboard; null when she has no stability left and would not come to rest. */
        public ?float $heelDeg,
        private MaxFill $maxFill,
    ) {
    }

    public function limits(): array
    {
        return [$this->load];
    }

    public function maxFill(): MaxFill
    {
        return $this->maxFill;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'total_kg' => $this->load->kgAt(1), 'gross_spare_kg' => $this->load->spareAt(1),
            'free_surface_m' => $this->freeSurfaceM, 'gm_effective_m' => $this->gmEffectiveM, 'heel_deg' => $this->heelDeg,
        ] + $this->maxFill->keys();
    }
}
