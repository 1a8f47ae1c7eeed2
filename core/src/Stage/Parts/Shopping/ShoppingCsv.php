<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Shopping;

use YardCask\Core\Assessment\Workings;
use YardCask\Core\Catalogue\PartStock;
use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Output\Csv;
use YardCask\Core\Plan\Plan;
use YardCask\Core\Record\Purchase;
use YardCask\Core\Record\Purchased;
use YardCask\Core\Record\Record;
use YardCask\Core\Record\Records;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Phrasebook;

/** The shopping list as CSV (RFC 4180), one line each under a heading; amounts in pieces and metres, weights in kg. */
final class ShoppingCsv
{
    private const HEADING = [
        'shop',
        'item',
        'name',
        'needed',
        'bought',
        'sold',
        'in_one',
        'price',
        'weight_kg',
        'assumed',
        'for',
        'have',
        'own_price',
        'own_shop',
        'instead',
    ];

    /** What is read of it: the item, and what the user says of buying it. */
    private const OWN = ['have' => 'amount', 'own_price' => 'price', 'own_shop' => 'shop', 'instead' => 'instead'];
    private const NUMBERS = ['have', 'own_price'];
    private const LONGEST = 500_000;

    public static function write(Plan $plan, PartStock $stock, ?Records $records = null): string
    {
        $workings = Workings::over($plan, $stock, $records);
        $rows = [self::HEADING];
        foreach (ShoppingList::of($workings)->lines as $line) {
            $for = array_map(static fn (Phrase $one): string => $workings->wording->text($one->key, $one->with), $line->for);
            $rows[] = [
                $line->item->shop->word(),
                $line->item->key,
                Csv::asText($line->item->name),
                round($line->amount, 3),
                $line->bought(),
                $line->item->sold->value,
                $line->item->pack ?? 1,
                round($line->price(), 2),
                round($line->kg(), 3),
                $line->isAssumed ? 'yes' : 'no',
                Csv::asText(implode('; ', $for)),
                $line->have(),
                $line->purchase->price ?? '',
                Csv::asText($line->purchase->shop ?? ''),
                Csv::asText($line->purchase->instead ?? ''),
            ];
        }

        return Csv::write($rows);
    }

    /**
     * What such a table says of buying, whatever other columns it has and in whatever order.
     *
     * @return list<Purchased> of every line on which something is said
     *
     * @throws InvalidInput with the line of every error, at /text
     */
    public static function read(string $text): array
    {
        if (\strlen($text) > self::LONGEST || 1 !== preg_match('//u', $text)) {
            throw self::refused('/text', 'parts.input.table', ['most' => (string) self::LONGEST]);
        }
        $rows = Csv::rows($text);
        $heading = array_map(trim(...), array_shift($rows) ?? []);
        if (!\in_array('item', $heading, true) || [] === array_intersect($heading, array_keys(self::OWN))) {
            throw self::refused('/text', 'parts.input.heading', ['columns' => implode(', ', array_keys(self::OWN))]);
        }
        $purchases = $errors = [];
        foreach ($rows as $index => $cells) {
            $cells = array_map(static fn (string $cell): string => trim(Csv::unmarked($cell)), \array_slice($cells, 0, \count($heading)));
            $row = array_combine($heading, array_pad($cells, \count($heading), ''));
            try {
                $purchase = self::purchase($row);
                if (null !== $purchase) {
                    $purchases[] = new Purchased($row['item'], mb_substr($row['name'] ?? $row['item'], 0, Record::LONGEST_NAME), $purchase);
                }
            } catch (InvalidInput $e) {
                $of = array_flip(self::OWN)[ltrim($e->errors[0]->pointer, '/')] ?? 'item';
                $row = ['line' => (string) ($index + 2), 'column' => $of, 'why' => $e->errors[0]->message];
                $errors[] = new InputError('/text', Phrasebook::english()->fill('parts.input.row', $row));
            }
        }

        return [] === $errors ? $purchases : throw InvalidInput::because($errors);
    }

    /**
     * @param array<string, string> $row
     *
     * @return Purchase|null null where it says nothing
     *
     * @throws InvalidInput
     */
    private static function purchase(array $row): ?Purchase
    {
        $said = array_filter(array_intersect_key($row, self::OWN), static fn (string $cell): bool => '' !== $cell);
        if ([] === $said || ['have' => '0'] === $said) {
            return null;
        }
        if ('' === $row['item'] || mb_strlen($row['item']) > Record::LONGEST_ID) {
            throw self::refused('/item', 'parts.input.item', []);
        }
        $document = ['amount' => 0.0];
        foreach ($said as $column => $cell) {
            $document[self::OWN[$column]] = \in_array($column, self::NUMBERS, true) && is_numeric($cell) ? (float) $cell : $cell;
        }
        $in = InputReader::of((object) $document);
        $purchase = Purchase::read($in);
        $in->throwIfInvalid();

        return $purchase;
    }

    /** @param array<string, string> $with */
    private static function refused(string $pointer, string $key, array $with): InvalidInput
    {
        return InvalidInput::at($pointer, Phrasebook::english()->fill($key, $with));
    }
}
