<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** A text that is not written yet: its key in the words files, and what fills the pattern. */
final readonly class Phrase
{
    /** @param array<string, string|int|Amount|CatalogueName|self|\BackedEnum|list<string|self>|null> $with by the names in the pattern; null chooses “none” */
    public function __construct(
        public string $key,
        public array $with = [],
    ) {
    }

    /** A text that comes as it is: a name that somebody typed, the word of a choice. */
    public static function verbatim(string $text): self
    {
        return new self('frame.verbatim', ['text' => $text]);
    }
}
