<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

use YardCask\Core\Plan\PlanPatch;

/** A change that would clear a finding: its label, and the patch that the app can apply. */
final readonly class Fix implements \JsonSerializable
{
    public function __construct(
        public string $label,
        public PlanPatch $patch,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['label' => $this->label, 'patch' => $this->patch];
    }
}
