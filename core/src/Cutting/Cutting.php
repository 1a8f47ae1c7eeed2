<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/** What to buy and how to cut it. */
final readonly class Cutting implements \JsonSerializable
{
    /** @param list<CutLength> $lengths */
    public function __construct(
        public float $price,
        public array $lengths,
        /** Whether no other way costs less, or as much with fewer lengths. */
        public bool $isExact,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['price' => $this->price, 'lengths' => $this->lengths, 'exact' => $this->isExact];
    }
}
