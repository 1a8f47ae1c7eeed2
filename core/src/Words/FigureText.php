<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** What a figure says of itself: its label, the formula behind it, and where that comes from. */
final readonly class FigureText
{
    /**
     * @param string $label the key of its label
     * @param string $formula the key of its formula
     * @param string $source the key of its source
     * @param array<string, string|int|Amount|Phrase|\BackedEnum|list<string|Phrase>|null> $with what fills all three
     */
    public function __construct(
        public string $label,
        public string $formula,
        public string $source,
        public array $with = [],
    ) {
    }
}
