<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

/** Lengths, each with the pieces that are cut from it, as far as they are decided. */
final readonly class CutPlan
{
    /** Of a length in mm, or of a price: less than that comes from rounding. */
    public const NOTHING = 1e-7;

    /** @param list<array{int, array<int, int>}> $cuts the number of the stock, and how many pieces of each kind */
    public function __construct(
        public array $cuts,
        public float $price,
    ) {
    }

    public static function none(): self
    {
        return new self([], 0.0);
    }

    /** @param array<int, int> $fill how many pieces of each kind */
    public function with(int $stock, array $fill, float $price): self
    {
        return new self([...$this->cuts, [$stock, $fill]], $this->price + $price);
    }

    public function isBetterThan(?self $other): bool
    {
        return null === $other
            || $this->price < $other->price - self::NOTHING
            || ($this->price <= $other->price + self::NOTHING && \count($this->cuts) < \count($other->cuts));
    }
}
