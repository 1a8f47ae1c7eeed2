<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Words\Phrase;

/** One of the sheets of paper that a template is printed on, edge to edge with the others. */
final readonly class TemplateSheet
{
    public function __construct(
        /** What of the template is left of it and above it, in mm. */
        public float $leftMm,
        public float $aboveMm,
        /** Which it is, counted from 1. */
        public int $number,
        public int $count,
    ) {
    }

    /** Which sheet it is, and how they are joined. */
    public function phrase(): Phrase
    {
        return new Phrase('parts.template.sheet', ['number' => (string) $this->number, 'count' => (string) $this->count]);
    }
}
