<?php

declare(strict_types=1);

namespace YardCask\Core\Catalogue;

use YardCask\Core\Input\InputError;
use YardCask\Core\Input\InvalidInput;
use YardCask\Core\Joint\PortEnds;
use YardCask\Core\Output\Csv;
use YardCask\Core\Plan\Field\PartFields;
use YardCask\Core\Plan\Line\PartKind;
use YardCask\Core\Plan\Line\PumpPoint;

/**
 * Parts as CSV (RFC 4180), one a line under a heading: name, kind, rating_kpa, rating_c, food_grade, weight_kg, price, figures, ends.
 * The figures are those of its kind as “rated_lpm=12 rated_kpa=5”, and “drain_before_frost=yes” and “hole_mm=35”; a pump's curve is
 * written there as “curve=0:330,3:230,7:40”, L/min and kPa. The ends are written as PortEnds reads them: “in: barb 13.8; out: thread 1/2 iso_228 male”;
 * a table without that column is read too.
 */
final class PartsCsv
{
    private const HEADING = ['name', 'kind', 'rating_kpa', 'rating_c', 'food_grade', 'weight_kg', 'price', 'figures', 'ends'];
    private const FROST = 'drain_before_frost';
    private const HOLE = 'hole_mm';
    private const LONGEST = 200_000;
    private const MOST = 200;

    /**
     * @return list<StockPart>
     *
     * @throws InvalidInput with the line of every error at /text
     */
    public static function read(string $text): array
    {
        if (\strlen($text) > self::LONGEST || 1 !== preg_match('//u', $text)) {
            throw InvalidInput::at('/text', \sprintf('This must be a table of at most %d characters, in UTF-8.', self::LONGEST));
        }
        $parts = $errors = [];
        foreach (self::rows($text) as $number => $cells) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            if ([''] === $cells || self::HEADING === [...$cells, ...\array_slice(self::HEADING, \count($cells))]) {
                continue;
            }
            if (!self::isRow($cells)) {
                $errors[] = new InputError(
                    '/text',
                    \sprintf(
                        'Line %d must have %d columns (%s), but it has %d.',
                        $number,
                        \count(self::HEADING),
                        implode(', ', self::HEADING),
                        \count($cells),
                    ),
                );
                continue;
            }
            try {
                $parts[] = self::withPorts(StockPart::fromDocument(self::document($cells)));
            } catch (InvalidInput $e) {
                foreach ($e->errors as $error) {
                    $errors[] = new InputError('/text', \sprintf('Line %d, %s: %s', $number, ltrim(str_replace('/', ' ', $error->pointer)), $error->message));
                }
            }
        }
        if ([] !== $errors) {
            throw InvalidInput::because($errors);
        }
        if ([] === $parts || \count($parts) > self::MOST) {
            throw InvalidInput::at(
                '/text',
                \sprintf('A table has from 1 to %d parts, one per line under the heading %s.', self::MOST, implode(',', self::HEADING)),
            );
        }

        return $parts;
    }

    /** @param list<StockPart> $parts */
    public static function write(array $parts): string
    {
        $rows = [self::HEADING];
        foreach ($parts as $part) {
            $rows[] = [
                Csv::asText($part->name),
                $part->kind->value,
                $part->make->ratingKpa,
                $part->make->ratingC,
                self::yesNo($part->make->foodGrade),
                $part->make->weightKg,
                $part->make->price,
                self::figures($part),
                $part->ends ?? '',
            ];
        }

        return Csv::write($rows);
    }

    /** @return array<int, list<string|null>> by the number of the line */
    private static function rows(string $text): array
    {
        $rows = [];
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            if ('' !== trim($line)) {
                $rows[$index + 1] = str_getcsv($line, ',', '"', '');
            }
        }

        return $rows;
    }

    /**
     * Whether a line has as many columns as the heading, or all but the last; figures in the last are of a line with a comma too many.
     *
     * @param list<string> $cells
     */
    private static function isRow(array $cells): bool
    {
        $most = \count(self::HEADING);

        return $most - 1 === \count($cells) || ($most === \count($cells) && !str_contains($cells[$most - 1], '='));
    }

    /** @param list<string> $cells */
    private static function document(array $cells): \stdClass
    {
        $number = static fn (string $cell): mixed => is_numeric($cell) ? (float) $cell : $cell;
        $figures = ['family' => PartKind::tryFrom($cells[1])?->family()->value ?? ''];
        foreach (array_filter(explode(' ', $cells[7]), static fn (string $pair): bool => '' !== $pair) as $pair) {
            [$key, $value] = [...explode('=', $pair, 2), ''];
            $figures[$key] = 'curve' === $key ? array_map(static function (string $point) use ($number): object {
                [$lpm, $kpa] = [...explode(':', $point, 2), ''];

                return (object) ['lpm' => $number($lpm), 'kpa' => $number($kpa)];
            }, explode(',', $value)) : ('yes' === $value || 'no' === $value ? 'yes' === $value : $number($value));
        }

        $besides = array_intersect_key($figures, [self::FROST => true, self::HOLE => true]);
        $figures = array_diff_key($figures, $besides);
        $rating = ['rating_kpa' => $number($cells[2]), 'rating_c' => $number($cells[3])];

        return (object) [
            'id' => 'own',
            'name' => Csv::unmarked($cells[0]),
            'kind' => $cells[1],
            ...$rating,
            'food_grade' => match (strtolower($cells[4])) {
                'yes', 'true', '1' => true,
                'no', 'false', '0' => false,
                default => $cells[4],
            },
            'weight_kg' => $number($cells[5]),
            'price' => $number($cells[6]),
            ...$besides,
            'figures' => (object) $figures,
            ...('' === ($cells[8] ?? '') ? [] : ['ends' => $cells[8]]),
        ];
    }

    /** @throws InvalidInput where an end is said of a port that it does not have */
    private static function withPorts(StockPart $part): StockPart
    {
        $ports = array_column($part->kind->ports(), 'value');
        foreach (array_diff(array_keys(PortEnds::read($part->ends)), $ports) as $port) {
            $has = [] === $ports ? 'has no ports' : 'has '.implode(' and ', $ports);
            throw InvalidInput::at('/ends', \sprintf('“%s” is no port of it: a %s %s, for example “in: barb 13.8”.', $port, $part->kind->word(), $has));
        }

        return $part;
    }

    private static function figures(StockPart $part): string
    {
        $pairs = [];
        foreach (PartFields::written($part->figures) + [self::FROST => $part->make->drainBeforeFrost, self::HOLE => $part->holeMm] as $key => $value) {
            if ('curve' === $key && \is_array($value)) {
                $value = implode(',', array_map(static fn (mixed $point): string => $point instanceof PumpPoint ? $point->lpm.':'.$point->kpa : '', $value));
            }
            if ($value instanceof \BackedEnum) {
                $value = (string) $value->value;
            }
            if ('family' !== $key && (\is_string($value) || \is_float($value) || \is_bool($value))) {
                $pairs[] = $key.'='.(\is_bool($value) ? self::yesNo($value) : $value);
            }
        }

        return implode(' ', $pairs);
    }

    private static function yesNo(bool $is): string
    {
        return $is ? 'yes' : 'no';
    }
}
