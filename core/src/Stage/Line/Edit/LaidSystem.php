<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Line\Edit;

use YardCask\Core\Catalogue\SystemPage;
use YardCask\Core\Plan\Line\LinePlan;

/** The line of a system as it would be in a plan, and what of the line before has no place in it. */
final readonly class LaidSystem
{
    /** @param list<string> $dropped names */
    public function __construct(
        public SystemPage $page,
        public LinePlan $line,
        public array $dropped,
    ) {
    }
}
