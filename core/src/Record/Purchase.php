<?php

declare(strict_types=1);

namespace YardCask\Core\Record;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;
use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;

/**
 * What somebody has bought of an item of the shopping list, and what it costs where he buys. Of several about the same item the last that was
 * received counts, whole: it says how much there is in all, not how much more.
 */
final readonly class Purchase implements Sent, \JsonSerializable
{
    use SentAsDeclared;

    public const LONGEST_SHOP = 80;
    public const LONGEST_INSTEAD = 120;
    public const MOST = 10_000.0;
    public const DEAREST = 1_000_000.0;

    public function __construct(
        /** Pieces, packs or lengths, or metres off a roll; 0 of what is not bought yet. */
        public float $amount,
        /** Of one of those, in the plan's currency; null where nobody has said it. */
        public ?float $price = null,
        /** Where; null where nobody has said it. */
        public ?string $shop = null,
        /** What was bought in its place: its id in the catalogue, or what it is called. */
        public ?string $instead = null,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $amount = $in->number('amount', Range::between(0, self::MOST));
        $price = $in->optionalNumber('price', Range::between(0, self::DEAREST));
        $shop = $in->has('shop') ? $in->text('shop', self::LONGEST_SHOP) : null;
        $instead = $in->has('instead') ? $in->text('instead', self::LONGEST_INSTEAD) : null;
        $in->finish();

        return new self($amount, $price, $shop, $instead);
    }
}
