<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Tanks\Drawing;

use YardCask\Core\Output\Sent;
use YardCask\Core\Plan\PlanPatch;

/** A bay in which a tank can stand. The patch puts it there, whatever other place it has got meanwhile. */
final readonly class BayOption implements Sent
{
    public function __construct(
        public string $value,
        public string $text,
        public PlanPatch $patch,
    ) {
    }
}
