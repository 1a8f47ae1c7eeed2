<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/** A length on sale, or left in the workshop; or what is sold by the metre and cut to each piece. */
final readonly class Stock
{
    public function __construct(
        public string $name,
        /** Infinite where it is sold by the metre. */
        public float $lengthMm,
        /** Of a length, or of a metre. */
        public float $price,
        /** How many there are; null for as many as are needed. */
        public ?int $count,
    ) {
    }

    public function isByTheMetre(): bool
    {
        return \INF === $this->lengthMm;
    }

    /** The least that a piece can cost out of it: its share of a length that is used up whole. */
    public function leastPrice(float $pieceMm, float $kerfMm): float
    {
        return $this->isByTheMetre() ? $this->price * $pieceMm / 1000 : $this->price * ($pieceMm + $kerfMm) / ($this->lengthMm + $kerfMm);
    }
}
