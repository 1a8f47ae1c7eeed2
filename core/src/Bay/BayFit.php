<?php

declare(strict_types=1);

namespace YardCask\Core\Bay;

/** Whether and where a tank fits, or how much is missing. */
final readonly class BayFit implements \JsonSerializable
{
    public function __construct(
        public ?Placement $placement,
        /** The smallest outward move of one wall that makes it fit; null if it fits, or if no single wall is enough. */
        public ?float $shortMm,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['fits' => null !== $this->placement, 'placement' => $this->placement, 'short_mm' => $this->shortMm];
    }
}
