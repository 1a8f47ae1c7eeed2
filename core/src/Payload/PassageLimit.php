<?php

declare(strict_types=1);

namespace YardCask\Core\Payload;

/** The least that is left to a limit on the way, and the litres used when that is first so. */
final readonly class PassageLimit implements \JsonSerializable
{
    public function __construct(
        public LimitName $name,
        public float $worstSpareKg,
        public float $atUsedL,
    ) {
    }

    /** @return array<string, float> */
    public function jsonSerialize(): array
    {
        return ['worst_spare_kg' => $this->worstSpareKg, 'at_used_l' => $this->atUsedL];
    }
}
