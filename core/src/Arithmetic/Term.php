<?php

declare(strict_types=1);

namespace YardCask\Core\Arithmetic;

/** A number, a symbol, or an operator or a function with what it is applied to. */
final readonly class Term
{
    public const FUNCTIONS = ['sqrt', 'min', 'max', 'sum', 'abs', 'log', 'exp', 'sin', 'cos', 'tan', 'atan', 'floor', 'ceil'];

    /** @param list<self> $parts */
    public function __construct(
        public TermKind $kind,
        /** The number, the symbol or the function’s name as it was written. */
        public string $text,
        public array $parts = [],
    ) {
    }

    /** @param array<string, float> $values of the symbols */
    public function value(array $values): float
    {
        $of = array_map(static fn (self $part): float => $part->value($values), $this->parts);

        return match ($this->kind) {
            TermKind::Number => (float) $this->text,
            TermKind::Symbol => 'pi' === $this->text ? \M_PI : $values[$this->text] ?? throw new \LogicException('Nobody says what '.$this->text.' is.'),
            TermKind::Plus => $of[0] + $of[1],
            TermKind::Minus => $of[0] - $of[1],
            TermKind::Times => $of[0] * $of[1],
            TermKind::Over => 0.0 === $of[1] ? \NAN : $of[0] / $of[1],
            TermKind::Power => $of[0] ** $of[1],
            TermKind::Negative => -$of[0],
            TermKind::Call => $this->called($of),
        };
    }

    /** @return list<string> as often as they appear */
    public function symbols(): array
    {
        return TermKind::Symbol === $this->kind && 'pi' !== $this->text
            ? [$this->text]
            : array_merge(...array_map(static fn (self $part): array => $part->symbols(), $this->parts));
    }

    /** @param list<float> $of */
    private function called(array $of): float
    {
        $first = $of[0] ?? 0.0;

        return match ($this->text) {
            'sqrt' => sqrt($first),
            'min' => [] === $of ? 0.0 : min($of),
            'max' => [] === $of ? 0.0 : max($of),
            'sum' => array_sum($of),
            'abs' => abs($first),
            'log' => log($first),
            'exp' => exp($first),
            'sin' => sin($first),
            'cos' => cos($first),
            'tan' => tan($first),
            'atan' => atan($first),
            'floor' => floor($first),
            'ceil' => ceil($first),
            default => throw new \LogicException('No function is called '.$this->text.'.'),
        };
    }
}
