<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Joints;

use YardCask\Core\Joint\Joint;
use YardCask\Core\Joint\PortEnd;

/** Two ends that meet, and what comes of it; null where one of them is not measured. */
final readonly class Meeting
{
    public Verdict $verdict;

    public function __construct(
        public ?PortEnd $a,
        public ?PortEnd $b,
        public ?Joint $joint,
    ) {
        $this->verdict = Verdict::of($joint?->fit);
    }
}
