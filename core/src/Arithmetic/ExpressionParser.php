<?php

declare(strict_types=1);

namespace YardCask\Core\Arithmetic;

/** Reads an expression by the rank of its operators; equal ranks bind from the left, powers from the right. */
final class ExpressionParser
{
    private const TOKEN = '~\s*(?:(?<number>\d+(?:\.\d+)?)|(?<name>[a-z_][a-z0-9_]*)|(?<sign>\*\*|[-+*/(),]))~i';

    private int $at = 0;

    /** @param list<string> $tokens */
    private function __construct(private readonly array $tokens)
    {
    }

    public static function parse(string $ascii): Term
    {
        preg_match_all(self::TOKEN, $ascii, $found);
        $tokens = array_map(trim(...), $found[0]);
        if (implode('', $tokens) !== preg_replace('~\s+~', '', $ascii)) {
            throw new \LogicException('“'.$ascii.'” is no expression.');
        }
        $parser = new self($tokens);
        $term = $parser->operated(1);
        if ($parser->at < \count($tokens)) {
            throw new \LogicException(\sprintf('“%s” goes on after “%s”.', $ascii, $tokens[$parser->at - 1]));
        }

        return $term;
    }

    private function operated(int $rank): Term
    {
        $term = $this->single();
        while (true) {
            $kind = TermKind::tryFrom($this->next());
            if (null === $kind || !$kind->isOperator() || $kind->rank() < $rank) {
                return $term;
            }
            ++$this->at;
            $term = new Term($kind, $kind->value, [$term, $this->operated($kind->rank() + (TermKind::Power === $kind ? 0 : 1))]);
        }
    }

    private function single(): Term
    {
        $token = $this->next();
        ++$this->at;

        return match (true) {
            '' === $token => throw new \LogicException('An expression ends too soon.'),
            '-' === $token => new Term(TermKind::Negative, '-', [$this->operated(TermKind::Negative->rank())]),
            '(' === $token => $this->closed($this->operated(1)),
            1 === preg_match('~^\d~', $token) => new Term(TermKind::Number, $token),
            '(' === $this->next() => $this->call($token),
            default => new Term(TermKind::Symbol, $token),
        };
    }

    private function call(string $name): Term
    {
        if (!\in_array($name, Term::FUNCTIONS, true)) {
            throw new \LogicException('No function is called '.$name.'.');
        }
        ++$this->at;
        $parts = [];
        while (')' !== $this->next()) {
            $parts[] = $this->operated(1);
            if (',' === $this->next()) {
                ++$this->at;
            }
        }

        return $this->closed(new Term(TermKind::Call, $name, $parts));
    }

    private function closed(Term $term): Term
    {
        if (')' !== $this->next()) {
            throw new \LogicException('A bracket is not closed.');
        }
        ++$this->at;

        return $term;
    }

    private function next(): string
    {
        return $this->tokens[$this->at] ?? '';
    }
}
