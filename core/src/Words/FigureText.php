<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** What a figure says of itself: its label, and where its sum comes from. */
final readonly class FigureText
{
    /**
     * @param string $label the key of its label
     * @param string $source the key of its source
     * @param array<string, string|int|Amount|Phrase|\BackedEnum|list<string|Phrase>|null> $with what fills both, and the note of its sum
     */
    public function __construct(
        public string $label,
        public string $source,
        public array $with = [],
    ) {
    }
}
