<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** The figure that a finding is about and the limit that it breaks, in the same SI unit. */
final readonly class Measure implements \JsonSerializable
{
    public function __construct(
        public float $value,
        public float $limit,
        public string $unit,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['value' => $this->value, 'limit' => $this->limit, 'unit' => $this->unit];
    }
}
