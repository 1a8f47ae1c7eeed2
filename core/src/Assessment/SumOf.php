<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Words\Phrase;

/** How a figure is worked out: an expression in ASCII, and the terms that its symbols stand for. */
final readonly class SumOf
{
    /**
     * @param list<SumTerm> $terms
     */
    public function __construct(
        public string $expression,
        public array $terms,
        /** A remark on it, if there is one. */
        public ?Phrase $note = null,
    ) {
    }

    /**
     * All terms added up.
     *
     * @param list<SumTerm> $terms
     */
    public static function sum(array $terms, ?Phrase $note = null): self
    {
        return new self('sum('.implode(', ', array_column($terms, 'symbol')).')', $terms, $note);
    }

    /** A field as it was entered, or what was found. */
    public static function same(SumTerm $term, ?Phrase $note = null): self
    {
        return new self($term->symbol, [$term], $note);
    }

    /**
     * Figures added up.
     *
     * @param list<string> $ids
     */
    public static function figures(array $ids, ?Phrase $note = null): self
    {
        $terms = [];
        foreach ($ids as $index => $id) {
            $terms[] = SumTerm::figure('f'.($index + 1), $id);
        }

        return self::sum($terms, $note);
    }
}
