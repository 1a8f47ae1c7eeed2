<?php

declare(strict_types=1);

namespace YardCask\Core\Quantity;

/**
 * Reads what people type into a measured field: `25 US gal`, `3/8 in`, `2,4 bar`, `1ft 9`, `6'2"`, `12 st 4`, `2 x 20 L`,
 * `152 + 84 kg`, `620 left`, `1 h 30`. A bare number is in the plan's own unit. What can be read in two ways is refused
 * with both readings named.
 */
final readonly class QuantityParser
{
    /** What a second figure without a unit counts, after the first one's unit. */
    private const SMALLER = [
        [Unit::Foot, Unit::Inch],
        [Unit::Stone, Unit::Pound],
        [Unit::Pound, Unit::Ounce],
        [Unit::Hour, Unit::Minute],
        [Unit::Minute, Unit::Second],
    ];

    public function __construct(private UnitPreferences $units)
    {
    }

    /**
     * @throws UnreadableQuantity with what was understood, what is allowed and an example
     */
    public function parse(string $text, Kind $kind): Quantity
    {
        $said = PlainText::of($text);
        if ('' === $said) {
            throw UnreadableQuantity::nothingTyped($kind);
        }
        if (Kind::Sideways === $kind && 1 === preg_match('/^(?:on the )?(?:middle|cent(?:re|er)(?:line)?)$/', $said)) {
            return Quantity::of(0.0, $this->units->for($kind));
        }
        if (Kind::Times === $kind) {
            $said = self::times($said);
        }
        [$said, $side] = Kind::Sideways === $kind ? self::side($said) : [$said, 1.0];
        if ('' === trim($said, '-')) {
            throw UnreadableQuantity::noNumber($text, $kind);
        }

        $total = null;
        $terms = explode('+', ltrim($said, '+'));
        $lastUnit = $this->unitOfLastTerm($terms);
        foreach ($terms as $term) {
            $quantity = $this->term(trim($term), $text, $kind, $lastUnit);
            $total = null === $total ? $quantity : Quantity::of($total->value + $quantity->in($total->unit), $total->unit);
        }
        if (-1.0 === $side && $total->value < 0) {
            throw UnreadableQuantity::notOneQuantity($text, $kind);
        }

        return Quantity::of($total->value * $side, $total->unit);
    }

    /** `once`, `twice`, `2 a day`, `3 times per stay`: what is counted stands beside the field. */
    private static function times(string $said): string
    {
        $said = strtr($said, ['once' => '1', 'twice' => '2', 'thrice' => '3', 'never' => '0']);

        return (string) preg_replace('#(?<=[\d\w])\s*(?:(?:times?|x) ?)?(?:(?:a|per|each|every|/) ?(?:day|stay|person|night|trip)|daily|nightly)$#', '', $said);
    }

    /**
     * `620 left`, `620 mm to the left of the centreline`, `left 620`.
     *
     * @return array{string, float} the distance as said, and −1 for left, 1 for right or when no side is named
     */
    private static function side(string $said): array
    {
        $named = 1 === preg_match('/^(?<distance>.*\d.*?) ?(?:\bto (?:the )?)?\b(?<side>left|port|right|starboard)(?: of .*)?$/', $said, $m)
            || 1 === preg_match('/^(?:to (?:the )?)?(?<side>left|port|right|starboard) (?<distance>.*\d.*)$/', $said, $m);

        return $named ? [$m['distance'], \in_array($m['side'], ['left', 'port'], true) ? -1.0 : 1.0] : [$said, 1.0];
    }

    /**
     * `152 + 84 kg`: a term without a unit takes the last one's.
     *
     * @param non-empty-list<string> $terms
     */
    private function unitOfLastTerm(array $terms): string
    {
        return 1 === preg_match('/[\d.]\s*([^\d\s.\/-][^\d]*)$/', trim($terms[\count($terms) - 1]), $m) ? self::tidy($m[1]) : '';
    }

    private function term(string $term, string $text, Kind $kind, string $lastUnit): Quantity
    {
        $count = 1.0;
        if (1 === preg_match('/^([1-9]\d*) ?x ?(.*\d.*)$/', $term, $m)) {
            $count = (float) $m[1];
            $term = $m[2];
        }
        if (1 === preg_match('/^-\s*-|\d\s*-\s*\d(?!\d*\/)/', $term)) {
            throw UnreadableQuantity::notOneQuantity($text, $kind);
        }
        $sign = str_starts_with($term, '-') ? -1.0 : 1.0;
        $parts = $this->parts(ltrim($term, '- '), $text, $kind, $lastUnit);
        $total = array_shift($parts);
        $previous = $total->unit;
        foreach ($parts as $part) {
            if ($part->unit->kind() !== $previous->kind() || $part->unit->factor() >= $previous->factor()) {
                throw UnreadableQuantity::notOneQuantity($text, $kind);
            }
            $previous = $part->unit;
            $total = Quantity::of($total->value + $part->in($total->unit), $total->unit);
        }

        return Quantity::of($sign * $count * $total->value, $total->unit);
    }

    /** @return non-empty-list<Quantity> the figures of one term, each with its unit: `6'2"` has two */
    private function parts(string $term, string $text, Kind $kind, string $lastUnit): array
    {
        if (Kind::Duration === $kind && 1 === preg_match('/^(\d+):([0-5]\d)$/', $term, $m)) {
            return [Quantity::of((float) $m[1], Unit::Minute), Quantity::of((float) $m[2], Unit::Second)];
        }
        $found = preg_match_all('/\G\s*('.WrittenNumber::PATTERN.')\s*([^\d\s.,][^\d]*?(?:[²³])?)?\s*(?=\d|[.,]\d|$)/u', $term, $rows, \PREG_SET_ORDER);
        if (false === $found || 0 === $found || implode('', array_column($rows, 0)) !== $term) {
            throw UnreadableQuantity::noNumber($text, $kind);
        }
        $parts = [];
        foreach ($rows as $index => $row) {
            $spelling = self::tidy($row[2] ?? '');
            if (0 < $index && '' === $spelling && '' === self::tidy($rows[$index - 1][2] ?? '')) {
                throw UnreadableQuantity::notOneQuantity($text, $kind);
            }
            $unit = match (true) {
                '' !== $spelling => $this->unit($spelling, $row[1], $text, $kind),
                0 < $index => $this->smaller($parts[$index - 1]->unit, $row[1], $text, $kind),
                '' !== $lastUnit => $this->unit($lastUnit, $row[1], $text, $kind),
                default => $this->bare($row[1], $text, $kind),
            };
            $parts[] = Quantity::of(WrittenNumber::read($row[1], $text, $kind, $spelling), $unit);
        }

        return $parts;
    }

    private function unit(string $spelling, string $number, string $text, Kind $kind): Unit
    {
        $units = UnitSpelling::units($spelling);
        if ([] === $units) {
            throw UnreadableQuantity::unknownUnit($text, $spelling, $kind);
        }
        $fitting = array_values(array_filter($units, static fn (Unit $unit): bool => $kind === $unit->kind()));
        if ([] === $fitting) {
            $fitting = array_values(array_filter($units, static fn (Unit $unit): bool => $kind->takes($unit->kind())));
        }
        if ([] === $fitting) {
            throw UnreadableQuantity::otherKind($text, $units[0]->kind(), $kind);
        }
        if (1 === \count($fitting)) {
            return $fitting[0];
        }
        $prefix = match ($this->units->volume) {
            Unit::UsGallon => 'US',
            Unit::ImperialGallon => 'imp',
            default => null,
        };
        foreach ($fitting as $unit) {
            if (null !== $prefix && str_starts_with($unit->value, $prefix)) {
                return $unit;
            }
        }
        throw UnreadableQuantity::ambiguous(
            $text,
            'US and imperial measures of that name differ',
            array_map(static fn (Unit $unit): string => $number.' '.$unit->value, $fitting),
        );
    }

    private function smaller(Unit $larger, string $number, string $text, Kind $kind): Unit
    {
        foreach (self::SMALLER as [$big, $small]) {
            if ($big === $larger) {
                return $small;
            }
        }
        throw UnreadableQuantity::loosePart($text, $number, $kind);
    }

    /** A number without a unit is in the plan's unit, unless that would be an odd way to say it. */
    private function bare(string $number, string $text, Kind $kind): Unit
    {
        $unit = $this->units->for($kind);
        if (Unit::Millimetre === $unit && str_contains($number, '/')) {
            throw UnreadableQuantity::ambiguous($text, 'a fraction is usually of an inch, but this plan is in mm', [$number.' in', $number.' mm']);
        }
        if (Unit::Percent !== $unit) {
            return $unit;
        }
        if (str_contains($number, '/')) {
            return Unit::Fraction;
        }
        if (1 === preg_match('/^0?[.,]\d*[1-9]\d*$/', $number)) {
            $point = '0'.strtr(ltrim($number, '0'), ',', '.');
            throw UnreadableQuantity::ambiguous($text, 'a fraction of one, or a part of one percent', [(float) $point * 100 .' %', $point.' %']);
        }

        return $unit;
    }

    private static function tidy(string $unit): string
    {
        return trim(
            (string) preg_replace(
                ['/[.()]/', '/-/', '#\s*/\s*#', '/\s+/', '/^(?:of |an? )+/', '/^(u\.?s\.?a?|uk|imp|imperial)\s*(?=gal|qt|pt|pint|quart|fl)/'],
                ['', ' ', '/', ' ', '', '$1 '],
                $unit,
            ),
        );
    }
}
