<?php

declare(strict_types=1);

namespace YardCask\Core\Arithmetic;

/**
 * A sum over named symbols, written in ASCII: numbers, symbols, pi, + - * / **, brackets, and the functions of Term. No conditions: it says
 * only what applied.
 */
final readonly class Expression
{
    private function __construct(
        public string $ascii,
        private Term $term,
    ) {
    }

    /** @throws \LogicException where it is not written as above: expressions come from the code */
    public static function of(string $ascii): self
    {
        return new self($ascii, ExpressionParser::parse($ascii));
    }

    /** @param array<string, float> $values of every symbol */
    public function evaluate(array $values): float
    {
        return $this->term->value($values);
    }

    /** @return list<string> each once, in the order in which they appear */
    public function symbols(): array
    {
        return array_values(array_unique($this->term->symbols()));
    }

    public function isLoneSymbol(): bool
    {
        return TermKind::Symbol === $this->term->kind;
    }

    /**
     * As people write it: “stay × (1 + reserve)”.
     *
     * @param array<string, string> $names of the symbols
     */
    public function written(array $names): string
    {
        return (new ExpressionWriter($names))->written($this->term);
    }
}
