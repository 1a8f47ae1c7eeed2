<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What a change does to a plan. */
final readonly class TriedFix
{
    /**
     * @param list<Finding> $brought what was not there before
     * @param list<Finding> $worsened what was there and is worse now
     * @param float $growth by how much, against their limits, all together
     * @param array<string, Finding> $gone what was there and is no longer, by its key
     */
    public function __construct(
        public array $brought,
        public array $worsened,
        public float $growth,
        public array $gone,
    ) {
    }

    /** Whether it brings or worsens no more than what is only worth knowing. */
    public function isHarmless(): bool
    {
        return [] === array_filter([...$this->brought, ...$this->worsened], static fn (Finding $one): bool => $one->isGrave());
    }
}
