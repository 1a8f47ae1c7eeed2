<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\Fitting\Shop;
use YardCask\Core\Catalogue\Fitting\SoldBy;
use YardCask\Core\Catalogue\Fitting\SpareFigures;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Words\Phrase;

/** A cartridge for each filter, and one spare of what usually goes wrong. */
final class SpareItems
{
    /** A cartridge costs about so much of its filter, and weighs about so much of it. Rules of thumb. */
    private const CARTRIDGE_PRICE = 0.5;
    private const CARTRIDGE_KG = 0.4;

    public static function addTo(Basket $basket, Workings $workings): void
    {
        $kinds = [];
        foreach ($workings->plan->line->parts as $part) {
            $kinds[$part->kind->value] = true;
            if (PartKind::Filter === $part->kind) {
                $name = null === $part->stock ? null : $workings->stock->part($part->stock)?->name;
                $item = new Item(
                    key: 'cartridge-'.($part->stock ?? $part->id),
                    name: $workings->wording->text('parts.cartridge', ['part' => $name ?? $part->name]),
                    shop: Shop::Camper,
                    sold: SoldBy::Piece,
                    price: self::CARTRIDGE_PRICE * $part->make->price,
                    kg: self::CARTRIDGE_KG * $part->make->weightKg,
                );
                $basket->add($item, 1.0, new Phrase('parts.for.part', ['part' => $part->name]), null);
            }
        }
        foreach ($workings->stock->fittings() as $fitting) {
            if ($fitting->figures instanceof SpareFigures && isset($kinds[$fitting->figures->for->value])) {
                $basket->add(Item::fitting($fitting), 1.0, new Phrase('parts.for.spare', ['kind' => $fitting->figures->for->word()]), null);
            }
        }
    }
}
