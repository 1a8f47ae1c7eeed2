<?php

declare(strict_types=1);

namespace YardCask\Core\Arithmetic;

/** Writes an expression as people do, with the names of its symbols. */
final readonly class ExpressionWriter
{
    /** Of a long sum only the first and the last are written. */
    private const MOST_TERMS = 4;
    private const POWERS = ['2' => '²', '3' => '³'];

    /** @param array<string, string> $names of the symbols */
    public function __construct(private array $names)
    {
    }

    public function written(Term $term): string
    {
        $part = fn (int $index, int $rank): string => $this->within($term->parts[$index], $rank);

        return match ($term->kind) {
            TermKind::Number => self::grouped($term->text),
            TermKind::Symbol => 'pi' === $term->text ? 'π' : self::quoted($this->names[$term->text] ?? $term->text),
            TermKind::Plus => $part(0, 1).' + '.$part(1, 1),
            TermKind::Minus => $part(0, 1).' − '.$part(1, 2),
            TermKind::Times => $part(0, 2).' × '.$part(1, 2),
            TermKind::Over => $part(0, 2).' ÷ '.$part(1, 3),
            TermKind::Negative => '−'.$part(0, 3),
            TermKind::Power => $part(0, 5).(self::POWERS[$term->parts[1]->text] ?? ' ^ '.$part(1, 5)),
            TermKind::Call => $this->call($term),
        };
    }

    private function within(Term $term, int $rank): string
    {
        $written = $this->written($term);
        $own = TermKind::Call === $term->kind && 'sum' === $term->text && \count($term->parts) > 1 ? TermKind::Plus->rank() : $term->kind->rank();

        return $own < $rank ? '('.$written.')' : $written;
    }

    private function call(Term $term): string
    {
        $parts = array_map($this->written(...), $term->parts);

        return match ($term->text) {
            'sum' => [] === $parts ? '0' : implode(' + ', \count($parts) > self::MOST_TERMS ? [$parts[0], '…', $parts[\count($parts) - 1]] : $parts),
            'sqrt' => '√('.$parts[0].')',
            'abs' => '|'.$parts[0].'|',
            default => $term->text.'('.implode(', ', $parts).')',
        };
    }

    /** A name with a comma in it reads as one. */
    private static function quoted(string $name): string
    {
        return str_contains($name, ',') ? '“'.$name.'”' : $name;
    }

    private static function grouped(string $number): string
    {
        return (float) $number >= 10000 && !str_contains($number, '.') ? number_format((float) $number, 0, '.', "\u{A0}") : $number;
    }
}
