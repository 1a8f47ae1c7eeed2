<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Catalogue\Fitting\Shop;
use YardCask\Core\Catalogue\Fitting\SoldBy;
use YardCask\Core\Catalogue\Fitting\StockFitting;
use YardCask\Core\Plan\Line\PlannedPart;
use YardCask\Core\Plan\Line\PlannedPipe;
use YardCask\Core\Plan\Tanks\PlannedTank;

/**
 * Something that can be bought: how it is sold, where, for how much, and what it weighs.
 *
 * @phpstan-type ItemValues array{string, string, string, string, float, float, float|null}
 */
final readonly class Item
{
    public function __construct(
        /** By which the same thing is known among what else is bought. */
        public string $key,
        public string $name,
        public Shop $shop,
        public SoldBy $sold,
        /** Of a piece, a pack or a metre, in no currency. */
        public float $price,
        /** Of one, or of a metre. */
        public float $kg,
        /** How many a pack has, or how many metres a length; null where it is sold singly, or by any length. */
        public ?float $pack = null,
    ) {
    }

    /** @return ItemValues */
    public function values(): array
    {
        return [$this->key, $this->name, $this->shop->value, $this->sold->value, $this->price, $this->kg, $this->pack];
    }

    /** @param ItemValues $values as values() gave them */
    public static function ofValues(array $values): self
    {
        [$key, $name, $shop, $sold, $price, $kg, $pack] = $values;

        return new self(key: $key, name: $name, shop: Shop::from($shop), sold: SoldBy::from($sold), price: $price, kg: $kg, pack: $pack);
    }

    public static function fitting(StockFitting $fitting): self
    {
        return new self(
            key: $fitting->id,
            name: $fitting->name,
            shop: $fitting->kind->shop(),
            sold: $fitting->sold,
            price: $fitting->price,
            kg: $fitting->weightKg,
            pack: $fitting->pack,
        );
    }

    /** @param string|null $name in the catalogue */
    public static function part(PlannedPart $part, ?string $name): self
    {
        return new self($part->stock ?? $part->id, $name ?? $part->name, Shop::Camper, SoldBy::Piece, $part->make->price, $part->make->weightKg);
    }

    /** @param string|null $name in the catalogue */
    public static function pipe(PlannedPipe $pipe, ?string $name, ?float $soldM): self
    {
        return new self(
            key: $pipe->stock ?? $pipe->id,
            name: $name ?? $pipe->name,
            shop: Shop::Plumbing,
            sold: SoldBy::Metre,
            price: $pipe->tube->make->price,
            kg: $pipe->tube->make->weightKg,
            pack: $soldM,
        );
    }

    public static function tank(PlannedTank $tank, float $price): self
    {
        return new self($tank->stock ?? $tank->id, $tank->name, Shop::Camper, SoldBy::Piece, $price, $tank->emptyKg);
    }
}
