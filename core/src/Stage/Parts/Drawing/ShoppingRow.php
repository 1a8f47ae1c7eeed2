<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drawing;

use YardCask\Core\Catalogue\Fitting\SoldBy;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Stage\Parts\Shopping\ShoppingLine;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** A line of the shopping list as it reads. */
final readonly class ShoppingRow implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    private const MOST_PURPOSES = 4;
    /** What weighs less says nothing of its weight. */
    private const SHOWN_KG = 0.5;

    private function __construct(
        public string $key,
        public string $name,
        /** “3”, “2 packs of 10”, “4.5 m”. */
        public string $amount,
        /** What it is for; empty where its name says it. */
        public string $why,
        /** A number; empty where nobody knows it. */
        public string $price,
        /** Whether that is the user's own, and not the catalogue's, which only ranks. */
        public bool $own,
        /** Empty where it is next to nothing. */
        public string $weight,
        public bool $assumed,
        /** How many pieces, packs or lengths have to be bought, or how many metres off a roll. */
        public float $needed,
        /** How many of those are bought. */
        public float $have,
        /** The user's price of one of those; null where he has not said it. */
        public ?float $ownPrice,
        /** Where he buys it; empty where he has not said it. */
        public string $boughtAt,
        /** What he bought instead; empty where he did not. */
        public string $instead,
    ) {
    }

    public static function of(ShoppingLine $line, Wording $wording): self
    {
        $item = $line->item;
        $for = array_map(static fn (Phrase $one): string => $wording->text($one->key, $one->with), \array_slice($line->for, 0, self::MOST_PURPOSES));

        return new self(
            key: $item->key,
            name: $wording->catalogueName($item->name),
            amount: $wording->text('parts.amount', [
                'sold' => $item->sold,
                'lengths' => SoldBy::Metre === $item->sold && null !== $item->pack ? 'yes' : 'no',
                'bought' => (int) ceil($line->bought()),
                'metres' => Amount::distance($line->bought()),
                'pack' => (string) ($item->pack ?? 1),
                'length' => Amount::distance($item->pack ?? 1.0),
                'used' => (string) round($line->amount, 1),
            ]),
            why: self::says($item->name, $for) ? '' : $wording->text('parts.why', ['for' => $for, 'more' => \count($line->for) - \count($for)]),
            price: self::price($line),
            own: null !== $line->purchase?->price,
            weight: $line->kg() < self::SHOWN_KG ? '' : $wording->amount(Amount::kg($line->kg())),
            assumed: $line->isAssumed,
            needed: $line->bought(),
            have: $line->have(),
            ownPrice: $line->purchase?->price,
            boughtAt: $line->purchase->shop ?? '',
            instead: $line->purchase->instead ?? '',
        );
    }

    /**
     * Whether a name says all of it already, with its size or without.
     *
     * @param list<string> $for
     */
    private static function says(string $name, array $for): bool
    {
        return \in_array($for, [[$name], [(string) strtok($name, ',')]], true);
    }

    private static function price(ShoppingLine $line): string
    {
        return match (true) {
            null !== $line->purchase?->price => number_format($line->price(), 2),
            0.0 === $line->price() => '',
            default => number_format(max(1.0, $line->price()), 0),
        };
    }
}
