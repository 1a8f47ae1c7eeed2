<?php

declare(strict_types=1);

namespace YardCask\Core\Wire;

/** How thick a pair of wires has to be. */
final readonly class Wire implements \JsonSerializable
{
    public function __construct(
        /** The least that is enough. */
        public float $areaMm2,
        /** The next that can be had; null where none is thick enough. */
        public ?float $standardMm2,
        /** With that one, there and back. */
        public ?float $dropV,
    ) {
    }

    /** @return array<string, float|null> */
    public function jsonSerialize(): array
    {
        return ['area_mm2' => $this->areaMm2, 'standard_mm2' => $this->standardMm2, 'drop_v' => $this->dropV];
    }
}
