<?php

declare(strict_types=1);

namespace YardCask\Core\Cutting;

use YardCask\Core\Input\InputReader;
use YardCask\Core\Input\Range;

/** Pieces that are needed, and the lengths that can be had. */
final readonly class CuttingInput
{
    private const LONGEST_MM = 1_000_000.0;
    private const LONGEST_NAME = 80;
    private const MOST_STOCKS = 40;
    private const MOST_ENTRIES = 300;
    private const MOST_PIECES = 500;

    /**
     * @param non-empty-list<Stock> $stocks
     * @param list<Piece> $pieces
     */
    public function __construct(
        public array $stocks,
        public array $pieces,
        /** What the saw takes between two pieces of one length. */
        public float $kerfMm = 0.0,
    ) {
    }

    public static function read(InputReader $in): self
    {
        $stocks = array_map(self::stock(...), $in->objects('stocks', self::MOST_STOCKS));
        if ([] === $stocks && !$in->failed()) {
            $in->fail('stocks', 'Name at least one length that can be had, or what is sold by the metre.');
        }
        $longestMm = max([0.0, ...array_map(static fn (Stock $one): float => $one->lengthMm, $stocks)]);
        $pieces = [];
        foreach ($in->objects('pieces', self::MOST_ENTRIES) as $reader) {
            $piece = new Piece($reader->text('name', self::LONGEST_NAME), $reader->number('length_mm', Range::between(0.1, self::LONGEST_MM)));
            $count = (int) $reader->number('count', Range::between(1, self::MOST_PIECES), 1.0);
            $reader->finish();
            if (!$reader->failed() && $piece->lengthMm > $longestMm) {
                $reader->fail(
                    'length_mm',
                    \sprintf('“%s” is longer than every length that can be had: %s mm against %s.', $piece->name, $piece->lengthMm, $longestMm),
                );
            }
            array_push($pieces, ...array_fill(0, $count, $piece));
        }
        if (\count($pieces) > self::MOST_PIECES) {
            $in->fail('pieces', \sprintf('At most %d pieces can be cut; these are %d.', self::MOST_PIECES, \count($pieces)));
        }
        $kerfMm = $in->number('kerf_mm', Range::between(0.0, 50.0), 0.0);
        $in->finish();

        return new self([] === $stocks ? [new Stock('', \INF, 0.0, null)] : $stocks, $pieces, $kerfMm);
    }

    private static function stock(InputReader $in): Stock
    {
        $name = $in->text('name', self::LONGEST_NAME);
        if ($in->has('per_metre')) {
            $stock = new Stock($name, \INF, $in->number('per_metre', Range::notNegative()), null);
            $in->finish();

            return $stock;
        }
        $lengthMm = $in->number('length_mm', Range::between(0.1, self::LONGEST_MM));
        $price = $in->number('price', Range::notNegative());
        $count = $in->optionalNumber('count', Range::between(1, self::MOST_PIECES));
        if (!$in->failed() && 0.0 === $price && null === $count) {
            $in->fail('count', 'What costs nothing is not endless: say how many there are.');
        }
        $in->finish();

        return new Stock($name, $lengthMm, $price, null === $count ? null : (int) $count);
    }
}
