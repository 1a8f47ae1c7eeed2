<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Catalogue\SchoolPage;
use YardCask\Core\Plan\Line\LinePlan;

/** The line of a school as it would be in a plan, and what of the line before has no place in it. */
final readonly class LaidSchool
{
    /** @param list<string> $dropped names */
    public function __construct(
        public SchoolPage $page,
        public LinePlan $line,
        public array $dropped,
    ) {
    }
}
