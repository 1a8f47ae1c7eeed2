<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Catalogue\Fitting\Shop;
use YardCask\Core\Output\ListOf;
use YardCask\Core\Output\Sent;
use YardCask\Core\Stage\Parts\Shopping\ShoppingList;
use YardCask\Core\Words\Wording;

/** What one shop has: a kind of shop, or one that the user has named. */
final readonly class ShopCard implements Sent
{
    /** @param list<ShoppingRow> $rows */
    private function __construct(
        public string $name,
        #[ListOf(ShoppingRow::class)]
        public array $rows,
    ) {
    }

    /** @return list<self> kinds of shop, then those that the user has named; none that has nothing of it */
    public static function all(ShoppingList $list, Wording $wording): array
    {
        /** @var array<array-key, list<ShoppingRow>> $rows a shop may be called 24 */
        $rows = array_fill_keys(array_map(static fn (Shop $one): string => $wording->text('parts.shop', ['shop' => $one]), Shop::cases()), []);
        foreach ($list->lines as $line) {
            $rows[$line->purchase->shop ?? $wording->text('parts.shop', ['shop' => $line->item->shop])][] = ShoppingRow::of($line, $wording);
        }
        $cards = [];
        foreach (array_filter($rows) as $name => $own) {
            $cards[] = new self((string) $name, $own);
        }

        return $cards;
    }
}
