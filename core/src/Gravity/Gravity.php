<?php

declare(strict_types=1);

namespace YardCask\Core\Gravity;

/** How fast water runs by its own fall. */
final readonly class Gravity implements \JsonSerializable
{
    public function __construct(
        public float $startLpm,
        public float $endLpm,
        /** Null where it stops before all is delivered. */
        public ?float $seconds,
    ) {
    }

    /** @return array<string, float|null> */
    public function jsonSerialize(): array
    {
        return ['start_lpm' => $this->startLpm, 'end_lpm' => $this->endLpm, 'seconds' => $this->seconds];
    }
}
