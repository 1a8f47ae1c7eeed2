<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

/** Title and reason as they were written for an earlier plan. */
final readonly class WrittenText implements FindingText
{
    public function __construct(
        private string $title,
        private string $loweredTitle,
        private string $why,
    ) {
    }

    public function title(Wording $wording): string
    {
        return $this->title;
    }

    public function loweredTitle(Wording $wording): string
    {
        return $this->loweredTitle;
    }

    public function why(Wording $wording): string
    {
        return $this->why;
    }
}
