<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** Whether and where a tank fits, or how much is missing. */
final readonly class BayFit implements \JsonSerializable
{
    public function __construct(
        public ?Placement $placement,
        /** The least outward move of one wall with which it fits; null when it fits, or no such move is enough. */
        public ?float $shortMm,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['fits' => null !== $this->placement, 'placement' => $this->placement, 'short_mm' => $this->shortMm];
    }
}
