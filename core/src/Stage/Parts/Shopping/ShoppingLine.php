<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Catalogue\Fitting\SoldBy;
use YardCask\Core\Record\Purchase;
use YardCask\Core\Words\Phrase;

/** A line of the shopping list: what, how much of it, and what for. */
final readonly class ShoppingLine
{
    /** What is sold off a roll is cut to half a metre. */
    private const STEP_M = 0.5;
    private const NOTHING = 1e-9;

    /** @param list<Phrase> $for each once */
    public function __construct(
        public Item $item,
        /** How many are needed, or how many metres. */
        public float $amount,
        public array $for,
        /** Whether a length in it is assumed. */
        public bool $isAssumed,
        /** How many lengths, or how many metres off a roll, are left to buy by the cut list; null where that says nothing. */
        public ?float $toCut = null,
        /** What is recorded of buying it. */
        public ?Purchase $purchase = null,
    ) {
    }

    public function with(?Purchase $purchase): self
    {
        return new self($this->item, $this->amount, $this->for, $this->isAssumed, $this->toCut, $purchase);
    }

    /** How many of what is bought are there already; metres off a roll. */
    public function have(): float
    {
        return $this->purchase->amount ?? 0.0;
    }

    public function isBought(): bool
    {
        return $this->have() >= $this->bought() - self::NOTHING;
    }

    /** By how much more is there than is needed, beyond what comes with a whole piece, pack or half metre. */
    public function spare(): float
    {
        $more = $this->have() - $this->bought();

        return $more > self::NOTHING ? $more : 0.0;
    }

    /** How many pieces, packs or lengths are bought, or how many metres off a roll. */
    public function bought(): float
    {
        return match (true) {
            null !== $this->toCut && null !== $this->item->pack => $this->toCut,
            null !== $this->item->pack => ceil($this->amount / $this->item->pack - self::NOTHING),
            SoldBy::Metre === $this->item->sold => self::STEP_M * ceil(($this->toCut ?? $this->amount) / self::STEP_M - self::NOTHING),
            default => ceil($this->amount - self::NOTHING),
        };
    }

    /** Of what is bought: at the user's own price where he has said it, or else at the catalogue's. */
    public function price(): float
    {
        if (null !== $this->purchase?->price) {
            return $this->bought() * $this->purchase->price;
        }
        $metres = SoldBy::Metre === $this->item->sold ? $this->item->pack ?? 1.0 : 1.0;

        return $this->bought() * $metres * $this->item->price;
    }

    /** Of what is used. */
    public function kg(): float
    {
        return $this->amount * $this->item->kg;
    }
}
