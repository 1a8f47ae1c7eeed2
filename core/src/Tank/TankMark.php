<?php

declare(strict_types=1);

namespace YardCask\Core\Tank;

/** A gauge mark: the level at which a fraction of the usable volume is left. */
final readonly class TankMark implements \JsonSerializable
{
    public function __construct(
        public float $fraction,
        public float $usableL,
        public float $heightMm,
        public float $probeFromTopMm,
    ) {
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return ['fraction' => $this->fraction, 'usable_l' => $this->usableL, 'height_mm' => $this->heightMm, 'probe_from_top_mm' => $this->probeFromTopMm];
    }
}
