<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** What a finding says: its title and its reason, two patterns over the same named quantities. */
final readonly class SnagText
{
    /**
     * @param string $title the key of the title
     * @param string $why the key of the reason
     * @param array<string, string|int|Amount|Phrase|\BackedEnum|list<string|Phrase>|null> $with
     */
    public function __construct(
        public string $title,
        public string $why,
        public array $with = [],
    ) {
    }

    public function title(): Phrase
    {
        return new Phrase($this->title, $this->with);
    }

    public function why(): Phrase
    {
        return new Phrase($this->why, $this->with);
    }
}
