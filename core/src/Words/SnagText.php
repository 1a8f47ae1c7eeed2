<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** What a finding says: its title and its reason, two patterns over the same named quantities. */
final readonly class SnagText implements FindingText
{
    /**
     * @param string $title the key of the title
     * @param string $why the key of the reason
     * @param array<string, string|int|Amount|Phrase|\BackedEnum|list<string|Phrase>|null> $with
     */
    public function __construct(
        private string $title,
        private string $why,
        private array $with = [],
    ) {
    }

    public function title(Wording $wording): string
    {
        return $wording->phrase(new Phrase($this->title, $this->with));
    }

    public function loweredTitle(Wording $wording): string
    {
        return $wording->lowered(new Phrase($this->title, $this->with));
    }

    public function why(Wording $wording): string
    {
        return $wording->phrase(new Phrase($this->why, $this->with));
    }
}
