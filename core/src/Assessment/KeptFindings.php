<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** The findings of a stage, kept from an earlier plan that has the same ones. */
final readonly class KeptFindings implements Rule
{
    /** @param list<Finding> $findings */
    public function __construct(private array $findings)
    {
    }

    public function check(Workings $workings): array
    {
        return $this->findings;
    }
}
