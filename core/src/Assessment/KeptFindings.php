<?php

declare(strict_types=1);

namespace YardCask\Core\Assessment;

/** What the rules of a stage found in an earlier plan in which they find the same. */
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
