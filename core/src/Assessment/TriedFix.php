<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What a fix does to a plan that it clears a finding of. */
final readonly class TriedFix
{
    /**
     * @param list<Finding> $brought what was not there before
     * @param list<Finding> $worsened what was there and is worse now
     * @param float $growth by how much, against their limits, all together
     * @param int $cleared how many findings go that are more than worth knowing: the one it is for, and what came of it
     */
    public function __construct(
        public array $brought,
        public array $worsened,
        public float $growth,
        public int $cleared,
    ) {
    }

    /** Whether it brings or worsens no more than what is only worth knowing. */
    public function isHarmless(): bool
    {
        return [] === array_filter([...$this->brought, ...$this->worsened], static fn (Finding $one): bool => $one->isGrave());
    }
}
