<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks;

use YardCask\Core\Output\Sent;
use YardCask\Core\Output\SentAsDeclared;
use YardCask\Core\Plan\PlanPatch;

/** Where a tank can stand: one of the bays, or anywhere else. The patch puts it there. */
final readonly class BayOption implements Sent
{
    use SentAsDeclared;

    public function __construct(
        /** The bay's id; empty for anywhere else. */
        public string $value,
        public string $text,
        public PlanPatch $patch,
    ) {
    }
}
