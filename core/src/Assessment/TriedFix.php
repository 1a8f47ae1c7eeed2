<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What a fix does to a plan that it clears a finding of. */
final readonly class TriedFix
{
    /**
     * @param list<Finding> $worse what it brings or makes worse
     * @param int $cleared how many findings go that are more than worth knowing: the one it is for, and what came of it
     */
    public function __construct(
        public array $worse,
        public int $cleared,
    ) {
    }
}
